import type { FieldRef } from "../../../engine/fields/field-ref";
import type { SettledTimeline } from "../../../engine/solve/solution";
import { writeFigure } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { brokenPeriods, type Accrual } from "../../../engine/rates/accumulation";
import { spanWords } from "../../../wording/format-time";
import {
  asExpression,
  isOne,
  multiple,
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
import { fixedAt, type Moment } from "./moment";
import type { Basis, Rates } from "./rates";
import { lineOf, type Sheet } from "./sheet";
import { isOpen, movingCount, type Span, type SpellSpan } from "./spans";
import { fractionExpression, snapped, timeInWords, yearsExpression } from "./years";
import { PART_BETWEEN, isClose, isUpTo } from "../../../engine/numbers/compare";

/** Moves money along the timeline: the value at one date of 1 at another, spell by spell. */
export class Moves {
  /** Times that need no conversion, shown with the given values. */
  readonly given: Quantity[] = [];
  private readonly counts: Known[] = [];
  /** By how many years each factor moves; back in time if negative. */
  private readonly lengths = new Map<Quantity, number>();

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

  /** By how many years a factor moves money; `null` if that is not what it does. */
  lengthOf(factor: Expression): number | null {
    return factor.op === "quantity" ? (this.lengths.get(factor.quantity) ?? null) : null;
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
          "short",
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
    const made = this.sheet.once(key, () =>
      this.sheet.define(
        null,
        "factor",
        basis.isForce
          ? factorOf(continuousGrowth, of(basis.rate), exponent)
          : factorOf(growthFactor, of(basis.rate), exponent),
      ),
    );
    // One period more, as of an annuity due, is no move of its own.
    if (!isOne(count)) this.lengths.set(made, forwards ? span.years : -span.years);
    return made;
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
    const span = yearsExpression(years, this.units, "decimals");
    if (isOne(perYear) && span.op === "number") {
      const given = this.sheet.given(letter, "count", count, field);
      this.given.push(given);
      return given;
    }
    const periods =
      perYear.op === "number" ? multiple(perYear.value, span) : product(perYear, span);
    const made = this.sheet.work(letter, "count", periods);
    const say = STEP_WORDS.conversions.periods(
      spanWords(years, this.sheet.format),
      noun,
      writeFigure(count, this.sheet.format, 6),
    );
    this.sheet.convert("time", {
      ...step("number-of-periods", "short", say, lineOf(made)),
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
