import {
  writeRate,
  growthFactor,
  growthOf,
  quotationWords,
  yearsAsked,
  type SolvedProblem,
  type AnswerFormat,
} from "@kestrelmoor/core";
import {
  knownTimeline,
  type Draft,
  type DraftReading,
  type KnownTimeline,
} from "@kestrelmoor/core/typing";
import type { Outcome } from "../document/outcome";
import { postsOfDated, postsOfList } from "./sketch-list";
import { postOfSingle } from "./sketch-single";
import { strandOf } from "./sketch-strand";
import {
  known,
  type Post,
  type Ribbon,
  type Sketch,
  type SketchFacts,
  type Strand,
  type Worth,
} from "./sketch-types";

/** As it is paid once the problem is solved, and as far as it is typed before that. */
type Timeline = SolvedProblem["paid"] | KnownTimeline;

/** Makes the picture of a draft: as far as it can be read, and with the answer once there is one. */
export function sketchOf(draft: Draft, { reading, solved }: Outcome, format: AnswerFormat): Sketch {
  const timeline: Timeline = solved?.paid ?? knownTimeline(draft, reading);
  const facts = { solved, today: worthTodayBy(solved) };
  const posts: Post[] = [];
  const strands: Strand[] = [];
  draft.flows.forEach((line, index) => {
    const [read, flow] = [reading.flows[index], timeline.flows[index] ?? null];
    if (flow === null) return;
    if (line.kind === "single" && read?.kind === "single" && flow.kind === "single") {
      posts.push(postOfSingle(line, read, { ...facts, flow }));
    } else if (line.kind === "stream" && read?.kind === "stream" && flow.kind === "stream") {
      strands.push(strandOf(line, read, { ...facts, flow }));
    } else if (line.kind === "list" && read?.kind === "list" && flow.kind === "list") {
      posts.push(...postsOfList(line, read, { ...facts, flow }));
    } else if (line.kind === "dated" && read?.kind === "dated" && flow.kind === "dated") {
      posts.push(...postsOfDated(line, read, { ...facts, flow }));
    }
  });
  return {
    posts,
    strands,
    ribbons: ribbonsOf(draft, reading, { spells: timeline.spells, solved }, format),
    worth: worthOf(timeline, solved),
  };
}

function worthTodayBy(solution: SolvedProblem | null): SketchFacts["today"] {
  if (solution === null) return () => null;
  const growth = growthOf(solution.paid);
  return (amount, years) => {
    const worth = Math.abs(amount) * growthFactor(growth, years, 0);
    return Number.isFinite(worth) ? worth : null;
  };
}

interface RibbonFacts {
  readonly spells: KnownTimeline["spells"];
  readonly solved: SolvedProblem | null;
}

function ribbonsOf(
  draft: Draft,
  { rates }: DraftReading,
  { spells, solved }: RibbonFacts,
  format: AnswerFormat,
): Ribbon[] {
  return draft.rates.flatMap((line, index) => {
    const [reading, spell] = [rates[index], spells[index]];
    if (line.kind !== "rate" || reading?.kind !== "rate" || spell === undefined) return [];
    const start = known(spell.start);
    if (start === null) return [];
    const isUnknown = reading.percent.state === "unknown";
    const own = known(spell.percent);
    // An unknown rate may have several answers; all are told.
    const percents = isUnknown ? (solved?.answers ?? []).map(({ value }) => value) : [own];
    const figures = percents
      .filter((figure) => figure !== null)
      .map((figure) => writeRate(figure, format))
      .join(" or ");
    const words = quotationWords(reading.quotation);
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

/** The value that is asked for, where its date is known. */
function worthOf(timeline: Timeline, solved: SolvedProblem | null): Worth | null {
  const asked = "ask" in timeline ? timeline.ask : solved === null ? null : yearsAsked(solved);
  const years = asked === null ? null : known(asked);
  if (years === null) return null;
  return { years, value: solved?.unknown.kind === "value" ? solved.answers[0].value : null };
}
