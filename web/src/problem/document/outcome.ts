import { solve, type Problem, type Solution, type SolvedProblem } from "@kestrelmoor/core";
import {
  isLabel,
  readDraft,
  readPart,
  takeUpBefore,
  type Draft,
  type EarlierPart,
  type PartPlace,
  type PartReading,
} from "@kestrelmoor/core/typing";
import { replaceEqualDeep } from "@tanstack/react-query";

/** What the draft of a part comes to: always of the draft beside it, worked out with every change. */
export type Outcome = PartReading;

/** @param place the parts before it; left out: it is by itself */
export function outcomeOf(draft: Draft, place: PartPlace = aloneIn(draft)): Outcome {
  return readPart(draft, place);
}

function aloneIn({ part: { label } }: Draft): PartPlace {
  return { label, labels: [label], before: [] };
}

/**
 * What the next draft comes to. What stays the same keeps its identity, so that only the lines that change are drawn
 * anew; and what asks the same is not solved again, nor read again where nothing that it uses has changed.
 */
export function outcomeAfter(before: Outcome, draft: Draft, place = before.place): Outcome {
  if (isUnchanged(before, draft, place)) return moved(before, place);
  const uses = new Set<string>();
  const takeUp = takeUpBefore(place, uses);
  const reading = replaceEqualDeep(before.reading, readDraft(draft, takeUp));
  const { problem } = reading;
  const result =
    problem !== null && before.problem !== null && asksTheSame(before.problem, problem)
      ? before.result
      : steady(before.result, problem === null ? null : solve(problem));
  return { draft, reading, problem, ...resultOf(result), takeUp, place, uses };
}

/** The same of a part that nobody looks at: nothing of it is drawn, so nothing has to keep its identity. */
export function unseenOutcomeAfter(before: Outcome, draft: Draft, place: PartPlace): Outcome {
  return isUnchanged(before, draft, place) ? moved(before, place) : outcomeOf(draft, place);
}

function isUnchanged(before: Outcome, draft: Draft, place: PartPlace): boolean {
  return draft === before.draft && !usesOther(before, place);
}

/** What is known of a part holds wherever it stands, but for what it could take up there. */
function moved(outcome: Outcome, place: PartPlace): Outcome {
  return { ...outcome, place, takeUp: takeUpBefore(place) };
}

/** Whether something that a part takes up is not what it was. */
function usesOther({ uses, place: before }: Outcome, place: PartPlace): boolean {
  return [...uses].some((label) => {
    const [was, is] = [sourceIn(before, label), sourceIn(place, label)];
    const isThere = (labels: readonly string[]) => labels.some((one) => isLabel(one, label));
    return (
      was?.solved !== is?.solved ||
      was?.reading !== is?.reading ||
      isThere(before.labels) !== isThere(place.labels)
    );
  });
}

function sourceIn({ before }: PartPlace, label: string): EarlierPart | undefined {
  return before.find(({ draft }) => isLabel(draft.part.label, label));
}

function resultOf(result: Outcome["result"]): Pick<Outcome, "result" | "solved"> {
  return { result, solved: result?.ok === true ? result.value : null };
}

/** What changes nothing about the answer. All else does, also a field that a later version adds. */
const BESIDE_THE_ANSWER: ReadonlySet<string> = new Set<keyof Problem>(["title", "question"]);

/** Equal parts have one identity by now. */
function asksTheSame(one: Problem, other: Problem): boolean {
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]) as Set<keyof Problem>;
  return [...keys].every((key) => BESIDE_THE_ANSWER.has(key) || one[key] === other[key]);
}

/** Of a solved problem only what is shown is compared; the rest is made of the same figures. */
function steady(before: Outcome["result"], next: Outcome["result"]): Outcome["result"] {
  if (before?.ok !== true || next?.ok !== true) return replaceEqualDeep(before, next);
  return {
    ok: true,
    value: { ...next.value, ...replaceEqualDeep(shownOf(before.value), shownOf(next.value)) },
  };
}

function shownOf(solved: SolvedProblem): Solution {
  const { unknown, answers, completeness, also, facts, settled, paid } = solved;
  return { unknown, answers, completeness, also, facts, settled, paid };
}
