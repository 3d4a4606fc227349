import type { Problem } from "../../engine/problem/schema";
import { growing } from "./lump-stories";
import type { Names } from "./names";
import { isWithLast, repeated, valued } from "./payment-stories";
import { plotOf } from "./plot";

/*
 * The stories that exercises tell: an amount that grows, a loan repaid, savings, a fund drawn down, payments valued. A
 * problem of another shape has none.
 */

/** The wordings of a problem as a story, which is none where no story has its shape. */
export function storiesOf(problem: Problem, names: Names): readonly string[] {
  // A phrase that ends with a comma may stand before another sign.
  return wordingsOf(problem, names).map((text) => text.replaceAll(/,([,.?])/g, "$1"));
}

function wordingsOf(problem: Problem, names: Names): readonly string[] {
  const plot = plotOf(problem, names);
  if (plot === null) return [];
  const { flows, ask } = problem;
  const streams = flows.filter((flow) => flow.kind === "stream");
  const singles = flows.filter((flow) => flow.kind === "single");
  if (streams.length + singles.length < flows.length || streams.length > 1) return [];
  const [stream] = streams;
  const start = singles.find(({ at }) => at === "P0D");
  const others = singles.filter((flow) => flow !== start);
  const [end] = others;
  if (others.length > 1) return [];
  if (stream === undefined) {
    if (ask !== undefined || start === undefined || end === undefined) return [];
    return start.direction === "out" && end.direction === "in" ? growing(plot, start, end) : [];
  }
  if (stream.begins !== "P0D" && stream.count !== "forever" && start !== undefined) return [];
  if (end !== undefined && !isWithLast(end, stream)) return [];
  if (ask !== undefined)
    return singles.length === 0 && ask.at === "P0D" ? valued(plot, stream) : [];
  return repeated(plot, { stream, start, end });
}
