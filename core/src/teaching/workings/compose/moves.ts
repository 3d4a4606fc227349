import type { FieldRef } from "../../../engine/fields/field-ref";
import type { SettledTimeline } from "../../../engine/solve/solution";
import { writeFigure } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { brokenPeriods, type Accrual } from "../../../engine/rates/accumulation";
import { spanWords } from "../../../wording/format-time";
import {
  asExpression,
  negative,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  readableProduct,
  sum,
  factorOf,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { continuousGrowth, growthFactor } from "../mathematics/factors";
import { step } from "../steps";
import type { Basis, Rates } from "./rates";
import { lineOf, type Sheet } from "./sheet";
import { fractionExpression, snapped, timeInWords, yearsExpression } from "./years";
import { PART_BETWEEN, isClose, isUpTo } from "../../../engine/numbers/compare";

/** A date, and whether it depends on the unknown. */
export interface Moment {
  readonly years: number;
  readonly isOpen: boolean;
  /** How it depends on it: a number of years, plus a number for each 1 of the unknown. */
  readonly said?: {
    readonly known: number;
    readonly perUnknown: number;
    readonly unknown: Quantity;
  };
}

export function fixedAt(years: number): Moment {
  return { years, isOpen: false };
}

/** Moves money along the timeline: the value at one date of 1 at another, spell by spell. */
export class Moves {
  /** Times that need no conversion, shown with the given values. */
  readonly given: Quantity[] = [];
  private readonly counts: Known[] = [];

  constructor(
    private readonly sheet: Sheet,
    private readonly settled: SettledTimeline,
    private readonly rates: Rates,
    /** The letter of a time: n, or k if a stream has n. */
    private readonly countLetter: "n" | "k",
    /** In which a time is written. */
    private readonly units: readonly number[],
  ) {}

  /** Lets a count that already has a letter represent every span of as many periods. */
  know(periodsPerYear: number, count: Quantity): void {
    this.counts.push({ periodsPerYear, count });
  }

  /**
   * a(to)/a(from) as a product of growth factors; back in time, their exponents are negative.
   *
   * @param field with the time, which then gets a letter; without a field it is written as a number
   */
  between(from: Moment, to: Moment, field: FieldRef | null): Expression {
    const forwards = from.years <= to.years;
    const spans = this.spansBetween(...(forwards ? ([from, to] as const) : ([to, from] as const)));
    const { accrual } = this.settled;
    if (accrual !== undefined) {
      const [first] = spans;
      if (first === undefined) return ONE;
      // A discount is taken off where money goes back, as interest is added where it goes on.
      const isOver = forwards === (accrual.kind === "bank-discount");
      const grown = of(this.accrued(accrual, [first, ...spans.slice(1)], field));
      return isOver ? quotient(ONE, grown) : grown;
    }
    return readableProduct(
      ...spans.map((span) => of(this.factor(span.index, span, forwards, field))),
    );
  }

  /** The stretches between two times, each under one rate. */
  private spansBetween(early: Moment, late: Moment): SpellSpan[] {
    return this.settled.spells.flatMap((spell, index) => {
      const end = this.settled.spells[index + 1]?.start ?? Number.POSITIVE_INFINITY;
      const start = index === 0 ? Number.NEGATIVE_INFINITY : spell.start;
      // A rate change has a fixed date, even if the amount beyond it has not.
      const first = early.years < start ? fixedAt(start) : early;
      const last = late.years > end ? fixedAt(end) : late;
      const years = last.years - first.years;
      return isUpTo(years, 0) ? [] : [{ index, first, last, years }];
    });
  }

  /** What 1 becomes where interest is not compound: see `Accrual`. */
  private accrued(
    accrual: Accrual,
    spans: readonly [SpellSpan, ...SpellSpan[]],
    field: FieldRef | null,
  ): Quantity {
    const [own] = spans;
    const growth = () =>
      accrual.kind === "simple-fraction"
        ? this.brokenGrowth(own, accrual.frequency)
        : simpleGrowth(
            accrual.kind,
            spans.map((span) => product(of(this.rates.simple(span.index)), this.time(span, field))),
          );
    const key = spans.map(({ index, years }) => `${index} ${years.toPrecision(12)}`).join(" ");
    return this.sheet.once(`accrued ${spans.some(isOpen)} ${key}`, () =>
      this.sheet.define(null, "factor", growth()),
    );
  }

  /** A length of time in years, by a letter where a field has it. */
  private time(span: Span, field: FieldRef | null): Expression {
    const { years } = span;
    const moving = movingCount(span, 1);
    if (moving !== null) return moving;
    const written = yearsExpression(years, this.units);
    const before = this.counts.find(
      ({ periodsPerYear, count }) =>
        periodsPerYear === 1 && isClose(count.value, years, PART_BETWEEN.anyWay),
    );
    if (before !== undefined) return of(before.count);
    if (field === null) return written;
    const letter = this.sheet.letter("t");
    const made =
      written.op === "number"
        ? this.sheet.given(letter, "time", written.value, field)
        : this.sheet.work(letter, "time", written);
    if (written.op === "number") this.given.push(made);
    else {
      this.sheet.convert("time", {
        ...step(
          "number-of-periods",
          "every-step",
          STEP_WORDS.conversions.years(
            timeInWords(years, this.units, this.sheet.format),
            writeFigure(years, this.sheet.format, 6),
          ),
          lineOf(made),
        ),
        value: made.value,
      });
    }
    this.counts.push({ periodsPerYear: 1, count: made });
    return of(made);
  }

  /** (1 + i)^w·(1 + i·f): whole compounding periods, and a fraction of one. */
  private brokenGrowth({ index, years }: SpellSpan, frequency: number): Expression {
    const rate = of(this.rates.compounding(index));
    const { whole, fraction } = brokenPeriods(years * frequency);
    const compound = whole === 0 ? [] : [factorOf(growthFactor, rate, number(whole))];
    const simple = fraction === 0 ? [] : [plus(ONE, product(rate, fractionExpression(fraction)))];
    return product(...compound, ...simple);
  }

  private factor(index: number, span: Span, forwards: boolean, field: FieldRef | null): Quantity {
    const basis = this.rates.basis(index);
    const count = this.count(basis, span, field);
    const exponent = forwards ? count : negative(count);
    const key = `move ${index} ${forwards} ${span.years.toPrecision(12)} ${isOpen(span)}`;
    return this.sheet.once(key, () =>
      this.sheet.define(
        null,
        "factor",
        basis.isForce
          ? factorOf(continuousGrowth, of(basis.rate), exponent)
          : factorOf(growthFactor, of(basis.rate), exponent),
      ),
    );
  }

  /** A number of years as a number of periods. */
  private count(basis: Basis, span: Span, field: FieldRef | null): Expression {
    const { years } = span;
    const perYear = asExpression(basis.periodsPerYear);
    const frequency = typeof basis.periodsPerYear === "number" ? 1 : basis.periodsPerYear.value;
    const count = snapped(years * frequency);
    if (count === 1 && !isOpen(span)) return ONE;
    const before = this.counts.find(
      (known) =>
        known.periodsPerYear === frequency &&
        known.count.isOpen === isOpen(span) &&
        isClose(known.count.value, count, PART_BETWEEN.anyWay),
    );
    if (before !== undefined) return of(before.count);
    const moving = movingCount(span, frequency);
    if (moving !== null) return moving;
    if (field === null) return yearsExpression(count);
    const letter = this.sheet.letter(basis.isForce ? "t" : this.countLetter);
    const made = this.make(letter, perYear, years, count, field, basis.noun);
    this.counts.push({ periodsPerYear: frequency, count: made });
    return of(made);
  }

  private make(
    letter: ReturnType<Sheet["letter"]>,
    perYear: Expression,
    years: number,
    count: number,
    field: FieldRef,
    noun: string,
  ): Quantity {
    const span = yearsExpression(years, this.units);
    if (perYear.op === "number" && span.op === "number") {
      const given = this.sheet.given(letter, "count", count, field);
      this.given.push(given);
      return given;
    }
    const made = this.sheet.work(letter, "count", product(perYear, span));
    const say = STEP_WORDS.conversions.periods(
      spanWords(years, this.sheet.format),
      noun,
      writeFigure(count, this.sheet.format, 6),
    );
    this.sheet.convert("time", {
      ...step("number-of-periods", "every-step", say, lineOf(made)),
      value: made.value,
    });
    return made;
  }
}

/** 1 + r·t, or 1 − d·t; across spells all that is added comes together. */
function simpleGrowth(
  kind: "simple" | "bank-discount",
  interest: readonly Expression[],
): Expression {
  const sign = kind === "simple" ? 1 : -1;
  return sum([{ sign: 1, of: ONE }, ...interest.map((one) => ({ sign, of: one }) as const)]);
}

/** A number of periods that has a letter. */
interface Known {
  readonly periodsPerYear: number;
  readonly count: Quantity;
}

/** A stretch of time under one rate. */
interface Span {
  readonly first: Moment;
  readonly last: Moment;
  readonly years: number;
}

/** The same, and which rate it is. */
interface SpellSpan extends Span {
  readonly index: number;
}

/** Whether its length depends on the unknown; if both ends move, they move together. */
function isOpen({ first, last }: Span): boolean {
  return first.isOpen !== last.isOpen;
}

/** The periods of a stretch, one end of which moves with the unknown: n − 24; `null` if none does. */
function movingCount(span: Span, frequency: number): Expression | null {
  const { first, last } = span;
  const end = last.isOpen ? last.said : first.said;
  if (!isOpen(span) || end === undefined) return null;
  const sign = last.isOpen ? 1 : -1;
  const standing = last.isOpen ? first.years : last.years;
  const each = snapped(sign * end.perUnknown * frequency);
  const constant = snapped(sign * (end.known - standing) * frequency);
  const unknown = of(end.unknown);
  const size = Math.abs(each);
  const inverse = snapped(1 / size);
  const moved =
    size < 1 && Number.isInteger(inverse)
      ? quotient(unknown, number(inverse))
      : product(number(size), unknown);
  const terms = [
    { sign: each < 0 ? (-1 as const) : (1 as const), of: moved },
    ...(constant === 0
      ? []
      : [{ sign: constant < 0 ? (-1 as const) : (1 as const), of: number(Math.abs(constant)) }]),
  ];
  // A sum begins with a positive term.
  return sum(terms.sort((one, other) => other.sign - one.sign));
}
