import {
  writeRate,
  growthFactor,
  growthOf,
  quotationWords,
  type SolvedProblem,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { type Draft, type DraftReading } from "@kestrelmoor/core/typing";
import type { Outcome } from "../document/outcome";
import { postsOfDated, postsOfList } from "./sketch-list";
import { postOfSingle } from "./sketch-single";
import { strandOf } from "./sketch-strand";
import {
  yearsTyped,
  type Post,
  type Ribbon,
  type Sketch,
  type SketchFacts,
  type Strand,
  type Worth,
} from "./sketch-types";

/** Makes the picture of a draft: as far as it can be read, and with the answer once there is one. */
export function sketchOf(
  draft: Draft,
  { reading, solved: solution }: Outcome,
  format: AnswerFormat,
): Sketch {
  const posts: Post[] = [];
  const strands: Strand[] = [];
  const firstDate = firstDateOf(reading);
  draft.flows.forEach((line, index) => {
    const read = reading.flows[index];
    const paid = solution?.paid.flows[index] ?? null;
    const facts = { paid, firstDate, today: worthTodayBy(solution), solution };
    if (line.kind === "single" && read?.kind === "single") {
      posts.push(postOfSingle(line, read, facts));
    } else if (line.kind === "stream" && read?.kind === "stream") {
      const strand = strandOf(line, read, facts);
      if (strand !== null) strands.push(strand);
    } else if (line.kind === "list" && read?.kind === "list") {
      posts.push(...postsOfList(line, read, facts));
    } else if (line.kind === "dated" && read?.kind === "dated") {
      posts.push(...postsOfDated(line, read, facts));
    }
  });
  return {
    posts,
    strands,
    ribbons: ribbonsOf(draft, reading, solution, format),
    worth: worthOf(reading, solution),
  };
}

/** Several dated lines share one calendar, as the engine has it. */
function firstDateOf({ flows }: DraftReading): string {
  const firsts = flows.flatMap((read) =>
    read.kind === "dated" && read.entries.state === "value"
      ? (read.entries.value[0]?.on ?? [])
      : [],
  );
  // ISO 8601 dates sort as text.
  return firsts.sort()[0] ?? "";
}

function worthTodayBy(solution: SolvedProblem | null): SketchFacts["today"] {
  if (solution === null) return () => null;
  const growth = growthOf(solution.paid);
  return (amount, years) => {
    const worth = Math.abs(amount) * growthFactor(growth, years, 0);
    return Number.isFinite(worth) ? worth : null;
  };
}

function ribbonsOf(
  draft: Draft,
  { rates }: DraftReading,
  solution: SolvedProblem | null,
  format: AnswerFormat,
): Ribbon[] {
  return draft.rates.flatMap((line, index) => {
    const reading = rates[index];
    if (line.kind !== "rate" || reading?.kind !== "rate") return [];
    const { from, percent, quotation } = reading;
    const spell = solution?.paid.spells[index];
    const start = from === null ? 0 : (yearsTyped(from) ?? spell?.start ?? null);
    if (start === null) return [];
    const isUnknown = percent.state === "unknown";
    const found = isUnknown && solution !== null ? solution.answers.map(({ value }) => value) : [];
    const typed =
      percent.state !== "value"
        ? null
        : "percent" in percent.value
          ? percent.value.percent
          : (spell?.percent ?? null);
    const percents = typed === null ? found : [typed];
    const figures = percents.map((figure) => writeRate(figure, format)).join(" or ");
    const words = quotationWords(quotation);
    return [
      {
        id: line.id,
        start,
        text: figures !== "" ? `${figures} ${words}` : isUnknown ? words : "no rate yet",
        short: figures,
        isUnknown,
      },
    ];
  });
}

function worthOf({ ask }: DraftReading, solution: SolvedProblem | null): Worth | null {
  if (ask?.state !== "value") return null;
  const years = yearsTyped(ask);
  if (years === null) return null;
  const value = solution?.unknown.kind === "value" ? solution.answers[0].value : null;
  return { years, value };
}
