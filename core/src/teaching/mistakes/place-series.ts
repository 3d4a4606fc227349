import type { Claim } from "../../engine/numbers/claim";
import type { Problem } from "../../engine/problem/schema";
import { revalued } from "../workings/mathematics/evaluate";
import type { Quantity } from "../workings/mathematics/expression";
import type { Workings } from "../workings/workings";
import {
  calculatedIn,
  hasDigits,
  isIt,
  placeSlip,
  slippedWorkings,
  whereIs,
  workingsOf,
  type SlippedWorkings,
  type Where,
} from "./place-value";
import type { Explanation } from "./search";

/** What a value on the way comes to. */
export const PLACED_VERDICTS = [
  "right",
  "explained",
  "wrong",
  "follows-through",
  "unexplained",
] as const;

/** One of a student's values, in its place in the workings. */
export type PlacedValue =
  | { readonly verdict: "right"; readonly where: Where }
  /** The first wrong one, and the mistake that gives it. */
  | { readonly verdict: "explained"; readonly where: Where; readonly explanation: Explanation }
  /** Wrong, but what comes later follows from it, which shows what it is. */
  | { readonly verdict: "wrong"; readonly where: Where }
  /** Right from the wrong ones before it. */
  | { readonly verdict: "follows-through"; readonly where: Where }
  | { readonly verdict: "unexplained" };

/**
 * Places several values in the workings, in the order in which a student has written them: the first wrong one is found,
 * and what comes after it is judged by what follows from it.
 *
 * @param claims each value and its precision; those of fewer than three digits are placed only where they are exact counts
 * @returns a placing for each claim, in their order
 */
export function placeSeries(problem: Problem, claims: readonly Claim[]): PlacedValue[] {
  const right = workingsOf(problem);
  if (right === null) return claims.map(() => ({ verdict: "unexplained" }));
  const series = new Series(problem, right);
  return claims.map((claim, index) => series.place(claim, claims.slice(index + 1)));
}

/** Values as they were typed, each with its placing; `null` for what is no number. */
export function placeTyped<Typed extends { readonly claim: Claim | null }>(
  problem: Problem,
  typed: readonly Typed[],
): (Typed & { readonly placed: PlacedValue | null })[] {
  const placed = placeSeries(
    problem,
    typed.flatMap(({ claim }) => claim ?? []),
  ).values();
  return typed.map((one) => ({
    ...one,
    placed: one.claim === null ? null : (placed.next().value ?? null),
  }));
}

/** Some workings, with the values that their quantities have. */
interface Valued {
  readonly made: Workings;
  readonly values: ReadonlyMap<Quantity, number>;
}

class Series {
  private readonly correct: Valued;
  /** Quantities that have a value of the student's own. */
  private readonly own = new Map<Quantity, number>();
  /** What the student works by after a mistake that is known. */
  private slipped: Valued | null = null;
  private last = -1;
  private ways: readonly SlippedWorkings[] | null = null;

  constructor(
    private readonly problem: Problem,
    right: Workings,
  ) {
    this.correct = valued(right);
  }

  place(claim: Claim, later: readonly Claim[]): PlacedValue {
    const known = this.findIn(this.correct, claim);
    if (known !== null) return this.placed("right", known);
    for (const valuedOne of this.wrongWays()) {
      const found = this.findIn(valuedOne, claim);
      if (found !== null) return this.placed("follows-through", found);
    }
    const slip = this.isOff ? null : placeSlip(this.slips(), claim);
    if (slip?.found === "slip") {
      const made = workingsOf(slip.explanation.problem);
      if (made !== null) this.slipped = valued(made);
      const { step, letter, explanation } = slip;
      return { verdict: "explained", where: { step, letter }, explanation };
    }
    const meant = this.meantBy(claim, later);
    if (meant === null) return { verdict: "unexplained" };
    this.own.set(meant, claim.value);
    return { ...this.placed("wrong", meant) };
  }

  /** Made once, for the first value that is not right: they are hundreds. */
  private slips(): readonly SlippedWorkings[] {
    return (this.ways ??= slippedWorkings(this.problem));
  }

  private get isOff(): boolean {
    return this.slipped !== null || this.own.size > 0;
  }

  private wrongWays(): Valued[] {
    const { made } = this.correct;
    return [
      ...(this.slipped === null ? [] : [this.slipped]),
      ...(this.own.size === 0 ? [] : [{ made, values: revalued(made.quantities, this.own) }]),
    ];
  }

  private findIn({ made, values }: Valued, claim: Claim): Quantity | null {
    return (
      calculatedIn(made).find((one) => isClaimed(one, claim, values.get(one) ?? one.value)) ?? null
    );
  }

  /** The quantity that a wrong value stands for: that from which a later one follows. */
  private meantBy(claim: Claim, later: readonly Claim[]): Quantity | null {
    const { made } = this.correct;
    const all = calculatedIn(made);
    for (const one of all) {
      if (made.quantities.indexOf(one) <= this.last) continue;
      const values = revalued(made.quantities, new Map([...this.own, [one, claim.value]]));
      const follows = later.some((next) =>
        all.some((other) => {
          const value = values.get(other) ?? NaN;
          return other !== one && value !== other.value && isClaimed(other, next, value);
        }),
      );
      if (follows) return one;
    }
    return null;
  }

  private placed<Verdict extends "right" | "wrong" | "follows-through">(
    verdict: Verdict,
    quantity: Quantity,
  ) {
    const made =
      this.slipped?.made.quantities.includes(quantity) === true
        ? this.slipped.made
        : this.correct.made;
    if (made === this.correct.made) this.last = made.quantities.indexOf(quantity);
    return { verdict, where: whereIs(made, quantity) };
  }
}

function valued(made: Workings): Valued {
  return { made, values: new Map(made.quantities.map((one) => [one, one.value])) };
}

/** A count is exact, however few digits it has. */
function isClaimed(quantity: Quantity, claim: Claim, value: number): boolean {
  const isCount = quantity.kind === "count" && Number.isInteger(claim.value);
  return isCount && Math.abs(claim.value) >= 2
    ? claim.value === value
    : hasDigits(claim) && isIt(quantity, claim, value);
}
