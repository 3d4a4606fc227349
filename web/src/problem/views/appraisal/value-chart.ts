import { roundTicks, type RoundTicks } from "../../../charts/round-ticks";
import { telltaleRange, valueCurve, type DatedAmount } from "@kestrelmoor/core";

export interface Curve {
  readonly name: string;
  readonly flows: readonly DatedAmount[];
}

/** A rate, and what each curve is worth there under `value0`, `value1`, … */
export type CurvePoint = Readonly<Record<string, number>> & { readonly percent: number };

/** How finely a curve is drawn. */
const STEPS = 160;

export interface DrawnCurves {
  readonly points: readonly CurvePoint[];
  readonly from: number;
  readonly to: number;
  /** The values between which the curves are drawn; what lies beyond is cut off. */
  readonly height: RoundTicks;
}

/** The curves over the rates that tell something: from no discounting past all marked rates. */
export function drawnCurves(curves: readonly Curve[], rates: readonly number[]): DrawnCurves {
  const [from, to] = telltaleRange(rates);
  const drawn = curves.map(({ flows }) => valueCurve(flows, from, to, STEPS));
  const points = Array.from({ length: STEPS + 1 }, (_, index): CurvePoint => {
    const percent = drawn[0]?.[index]?.percent ?? from;
    const values = drawn.map((curve, place) => [`value${place}`, curve[index]?.value ?? NaN]);
    return { percent, ...(Object.fromEntries(values) as Record<string, number>) };
  });
  return { points, from, to, height: heightOf(drawn.flat().map(({ value }) => value)) };
}

/** Far below no interest a curve shoots up: what lies past twice the size of most of it is left out of sight. */
function heightOf(values: readonly number[]): RoundTicks {
  const finite = values.filter(Number.isFinite);
  const sizes = finite.map(Math.abs).sort((one, other) => one - other);
  const limit = 2 * (sizes[Math.floor(sizes.length * 0.85)] ?? 1);
  const low = Math.max(-limit, Math.min(0, ...finite));
  const high = Math.min(limit, Math.max(0, ...finite));
  return roundTicks(low, high);
}

/** Where a rate that is dragged comes to rest: at quarters of a point. */
const SNAP = 0.25;

export function snappedRate(percent: number, from: number, to: number): number {
  const snapped = Math.round(percent / SNAP) * SNAP;
  return Math.min(to, Math.max(from, snapped));
}
