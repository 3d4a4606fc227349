import type { ToldReading, ToldSpan } from "@kestrelmoor/core/question";
import type { LinePlace } from "./pointed";

/** How a phrase is marked: in the colour of the line that it became; a loose one has no mark. */
export type Tone = "in" | "out" | "time" | "rate" | "asked" | "line" | "unused" | "loose";

/** A stretch of the text with its mark, and what the mark says. */
export interface ToneSpan {
  readonly from: number;
  readonly to: number;
  readonly tone: Tone;
  readonly says: string;
  /** The line that it became. */
  readonly place?: LinePlace;
}

/** The phrases of a reading and the figures without a use, in the order of the text. */
export function toneSpans({ parts, partial, spans, unused }: ToldReading): ToneSpan[] {
  const problems = [
    ...parts.map(({ problem }) => problem),
    ...(partial === undefined ? [] : [partial.problem]),
  ];
  const directions = new Map(
    problems.flatMap(({ flows }) =>
      flows.flatMap((flow) => ("direction" in flow ? [[flow.id, flow.direction] as const] : [])),
    ),
  );
  const places = placesIn(parts.length > 1 ? [] : problems);
  const used = spans.map((span) => ({ ...toneOf(span, directions), ...placeOf(span, places) }));
  const spare = unused.map(({ from, to, why }): ToneSpan => ({
    from,
    to,
    tone: "unused",
    says: `Not used: ${why}`,
  }));
  return [...used, ...spare].sort((one, other) => one.from - other.from);
}

type Problems = readonly ToldReading["parts"][number]["problem"][];

/** The lines of the only part, by the ids of their flows: which of several parts is open is not known here. */
function placesIn([problem]: Problems): ReadonlyMap<string, LinePlace> {
  return new Map(problem?.flows.map(({ id }, index) => [id, `flow ${index}`] as const));
}

function placeOf(
  { target }: ToldSpan,
  places: ReadonlyMap<string, LinePlace>,
): { readonly place?: LinePlace } {
  if (target === undefined || places.size === 0) return {};
  const place = "rate" in target ? (`rate ${target.rate}` as const) : places.get(target.flow);
  return place === undefined ? {} : { place };
}

function toneOf(span: ToldSpan, directions: ReadonlyMap<string, "in" | "out">): ToneSpan {
  const { from, to, role, target } = span;
  if (role === "asked") return { from, to, tone: "asked", says: "What is to be found" };
  if (role === "rate") return { from, to, tone: "rate", says: "Rate" };
  if (role === "time") return { from, to, tone: "time", says: "Time" };
  const direction =
    target !== undefined && "flow" in target ? directions.get(target.flow) : undefined;
  const what = role === "payments" ? "Payments" : "Amount";
  return direction === undefined
    ? { from, to, tone: "time", says: what }
    : { from, to, tone: direction, says: `${what}, money ${direction}` };
}
