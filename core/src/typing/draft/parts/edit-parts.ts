import { LIMITS } from "../../../engine/problem/limits";
import { saysToday } from "../../input/read-time";
import type { Draft, FollowUpLine, Variant } from "../draft";
import { unknownFields } from "../fields/draft-fields";
import { draftOfVariant } from "../variants/draft-of-variant";
import { asLaterPart, labelsOf, partsOf } from "./part-drafts";

const LETTERS = Array.from({ length: 26 }, (_, place) => String.fromCharCode(97 + place));

/** What the next part of a question is called; `null` where it has all that it can have. */
export function nextLabel(whole: Draft): string | null {
  const labels = labelsOf(whole);
  return labels.length >= LIMITS.parts ? null : labelAfter(labels);
}

/** The letter or the number after the last of some labels. */
export function labelAfter(labels: readonly string[]): string | null {
  const numbers = labels.map(Number);
  if (numbers.every(Number.isInteger)) return String(Math.max(...numbers) + 1);
  const taken = labels.map((label) => LETTERS.indexOf(label.toLowerCase()));
  const after = LETTERS[Math.max(...taken) + 1];
  // After (z), one that was removed.
  return after ?? LETTERS.find((letter) => !labels.includes(letter)) ?? null;
}

/** A part that is to be added: its lines, and what it is called beside its letter. */
export interface NewPart {
  readonly name: string;
  readonly draft: Draft;
}

/**
 * Adds a part at the end. Changes the draft in place.
 *
 * @returns its label; `null` where the question has as many parts as it can
 */
export function addPart(whole: Draft, { name, draft }: NewPart): string | null {
  const label = nextLabel(whole);
  if (label === null) return null;
  whole.later.push(
    asLaterPart({ ...draft, part: { label, name: name.slice(0, LIMITS.labelLength) } }),
  );
  return label;
}

/** Removes a part; what takes it up says that it is missing. The only part stays. Changes the draft in place. */
export function removePart(whole: Draft, label: string): void {
  const place = labelsOf(whole).indexOf(label);
  const [next, ...others] = whole.later;
  if (place > 0) whole.later.splice(place - 1, 1);
  else if (place === 0 && next !== undefined) {
    Object.assign(whole, next);
    whole.later = others;
  }
}

/** A variant of a part as a part by itself. */
export function partOfVariant(draft: Draft, variant: Variant): NewPart {
  return { name: variant.name, draft: withoutFurther(draftOfVariant(draft, variant)) };
}

/** The lines of a part once more, to be changed. */
export function sameLines(draft: Draft): NewPart {
  return { name: "", draft: withoutFurther(draft) };
}

/** What was asked, tried or compared beside the lines stays where it is. */
function withoutFurther(draft: Draft): Draft {
  return { ...draft, also: [], sums: [], variants: [], typedBefore: [] };
}

/** The draft of a part by its label. */
export function partNamed(whole: Draft, label: string): Draft | undefined {
  return partsOf(whole).find(({ part }) => part.label === label);
}

/**
 * A follow-up as a part by itself: what is owed at a date, or everything valued there, from the answer on.
 *
 * @returns `null` for one that no timeline of its own can ask
 */
export function partOfFollowUp(draft: Draft, line: FollowUpLine): NewPart | null {
  if (line.kind !== "balance" && line.kind !== "value") return null;
  const copy = withoutFurther(withAnswerTaken(draft));
  if (line.kind === "value") {
    return { name: `Value at ${line.at}`, draft: { ...copy, ask: { kind: "worth", at: line.at } } };
  }
  const streams = copy.flows.filter((flow) => flow.kind === "stream");
  const [stream] = streams;
  const isPlain = copy.flows.every(({ kind }) => kind === "single" || kind === "stream");
  if (stream === undefined || streams.length > 1 || !isPlain || copy.ask !== null) return null;
  const begin = copy.flows.filter((flow) => flow.kind === "single" && saysToday(flow.at));
  return {
    name: `Balance after ${line.at}`,
    draft: {
      ...copy,
      flows: [
        ...begin,
        { ...stream, count: line.at },
        {
          kind: "single",
          id: "balance",
          label: "Balance",
          direction: stream.direction,
          amount: "?",
          at: line.at,
        },
      ],
    },
  };
}

/** The same lines with the answer of the part in the place of its unknown. */
function withAnswerTaken(draft: Draft): Draft {
  const copy = {
    ...draft,
    ...(JSON.parse(JSON.stringify({ flows: draft.flows, rates: draft.rates })) as Pick<
      Draft,
      "flows" | "rates"
    >),
  };
  for (const field of unknownFields(copy)) field.write(`answer of (${draft.part.label})`);
  return copy;
}
