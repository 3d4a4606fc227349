import { formatFigure } from "../wording/format-number";
import { roundsOnTheWay, type Rounding } from "./mathematics/figures";
import type { Step } from "./step";

/**
 * What rounding on the way has done to a result; no step where nothing is rounded.
 *
 * @param value what it came to
 * @param exact what it is with every digit carried
 */
export function roundingStep(value: number, exact: number, rounding: Rounding): Step[] {
  if (!roundsOnTheWay(rounding) || !Number.isFinite(value)) return [];
  const difference = value - exact;
  return [
    {
      kind: "rounding",
      level: "short",
      say:
        Math.abs(difference) < 1e-9 * Math.abs(exact)
          ? "Rounding on the way makes no difference here."
          : `Rounded on the way, as the course asks, this comes to ${formatFigure(value, 6)}; with every digit carried it is ${formatFigure(exact, 6)}, a difference of ${formatFigure(Math.abs(difference), 6)}.`,
      lines: [],
      value: difference,
    },
  ];
}
