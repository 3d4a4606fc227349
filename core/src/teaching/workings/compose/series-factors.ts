import { frequencyWords } from "../../../wording/quotation-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { flowField } from "../../../engine/fields/field-ref";
import {
  minus,
  number,
  of,
  ONE,
  plus,
  power,
  product,
  quotient,
  factorOf,
  type Expression,
  type Factor,
  type Quantity,
} from "../mathematics/expression";
import {
  growingFuture,
  growingPresent,
  growthFactor,
  levelFuture,
  levelPresent,
  rateOfSeveral,
  stepsPresent,
} from "../mathematics/factors";
import type { ComposedFlow, Composition } from "./composition";
import type { Moment } from "./moment";
import { snapped } from "./years";
import { type Series } from "./series";
import { isUpTo } from "../../../engine/numbers/compare";

const WORDS = STEP_WORDS.value;

/** The factors of one series of payments, moved to the focal date. */
export class SeriesFactors {
  private readonly rate: Quantity;
  private readonly isFuture: boolean;

  constructor(
    private readonly composition: Composition,
    private readonly flow: ComposedFlow<"stream">,
    private readonly series: Series,
    private readonly focal: Moment,
    private readonly taken: number,
    private readonly note: string | undefined,
  ) {
    this.rate = composition.rates.perPeriod(series.spell, series.frequency);
    const last = series.first + (series.count - 1) / series.frequency;
    this.isFuture = Number.isFinite(series.count) && isUpTo(last, focal.years);
  }

  /** For each 1 of the first payment of the stream. */
  amount(): Expression {
    const { pattern } = this.series;
    const growth = this.percentGrowth();
    if (growth === null || pattern.kind === "level") {
      return this.moved(product(this.grownBefore(), this.level()), this.isFuture);
    }
    if (pattern.kind === "growing") {
      const each = this.growthEach(growth);
      return this.moved(
        product(this.grownBefore(), this.growing(this.rate, each, this.count())),
        this.isFuture,
      );
    }
    const { blockRate, blocks, block } = this.blocks(pattern.paymentsEach);
    const inBlocks = product(of(block), this.growing(blockRate, growth, blocks));
    return this.moved(product(this.grownBefore(), inBlocks), this.isFuture);
  }

  /** For each 1 of the step. */
  step(): Expression {
    const { pattern, stepsBefore } = this.series;
    const each = this.stepsEach();
    const before = stepsBefore * each + this.taken;
    if (pattern.kind === "level") {
      return before === 0
        ? number(0)
        : this.moved(product(number(before), this.level()), this.isFuture);
    }
    if (pattern.kind === "growing") {
      const rising = product(number(each), this.rising(this.rate, this.count()));
      if (before === 0) return this.moved(rising, false);
      const level = product(number(before), this.presentLevel(this.rate, this.count()));
      return this.moved(plus(level, rising), false);
    }
    const { blockRate, blocks, block } = this.blocks(pattern.paymentsEach);
    const rising = this.rising(blockRate, blocks);
    const inBlocks =
      before === 0
        ? rising
        : plus(product(number(before), this.presentLevel(blockRate, blocks)), rising);
    return this.moved(product(of(block), inBlocks), false);
  }

  /** Level payments from one period before the first, or at the last. */
  private level(): Expression {
    const count = this.count();
    if (count === null) return quotient(ONE, of(this.rate));
    return of(this.defined(this.isFuture ? levelFuture : levelPresent, of(this.rate), count));
  }

  private presentLevel(rate: Quantity, count: Expression | null): Expression {
    return count === null
      ? quotient(ONE, of(rate))
      : of(this.defined(levelPresent, of(rate), count));
  }

  private growing(rate: Quantity, growth: Quantity, count: Expression | null): Expression {
    if (count === null) return quotient(ONE, minus(of(rate), of(growth)));
    const kind = this.isFuture ? growingFuture : growingPresent;
    return of(this.defined(kind, of(rate), of(growth), count));
  }

  private rising(rate: Quantity, count: Expression | null): Expression {
    return count === null
      ? quotient(ONE, power(of(rate), number(2)))
      : of(this.defined(stepsPresent, of(rate), count));
  }

  /** Payments that stay level between two steps, taken together at the time of the last of them. */
  private blocks(paymentsEach: number) {
    const { sheet } = this.composition;
    const { count } = this.series;
    const words = WORDS.blocks(this.blockNoun());
    const payments = this.counted("q", paymentsEach, words.payments);
    const block = this.noted(words.value, levelFuture, of(this.rate), payments);
    const blockRate = sheet.once(`block rate ${this.rate.id} ${paymentsEach}`, () =>
      sheet.define(
        sheet.letter("i", "q", this.rate.letter?.number ?? null),
        "rate",
        factorOf(rateOfSeveral, of(this.rate), payments),
        words.rate,
      ),
    );
    const blocks = Number.isFinite(count)
      ? this.counted("N", count / paymentsEach, words.count)
      : null;
    return { block, blockRate, blocks };
  }

  /** The period after which the payments grow, if it has a name: "year". */
  private blockNoun(): string | null {
    const { growth } = this.flow.file;
    return growth === undefined || this.stepsEach() !== 1
      ? null
      : frequencyWords(growth.every).noun;
  }

  private count(): Expression | null {
    const { count, isWhole } = this.series;
    if (!Number.isFinite(count)) return null;
    const whole = this.flow.count;
    if (isWhole && whole !== null) return of(whole);
    if (whole?.isOpen === true && this.series.isLast) {
      // The rest of an unknown number after the earlier stretches.
      const before = number(snapped(this.flow.settled.count - count));
      const { sheet } = this.composition;
      return of(
        sheet.once(`rest ${this.flow.index} ${count}`, () =>
          sheet.work(null, "count", minus(of(whole), before)),
        ),
      );
    }
    return this.counted("n", count, this.note ?? WORDS.ofPart);
  }

  private counted(base: "n" | "q" | "N", count: number, note: string): Expression {
    const { sheet } = this.composition;
    return of(
      sheet.once(`count ${this.flow.index} ${base} ${count}`, () => {
        const field = flowField(this.flow.index, "count");
        const made = sheet.given(sheet.letter(base), "count", count, field);
        sheet.tell(made, note);
        return made;
      }),
    );
  }

  /** Growth before the first payment of the stretch. */
  private grownBefore(): Expression {
    const growth = this.percentGrowth();
    if (growth === null) return ONE;
    const { stepsBefore, pattern } = this.series;
    const before =
      pattern.kind === "growing"
        ? this.grown(this.growthEach(growth), stepsBefore)
        : this.grown(growth, stepsBefore * this.stepsEach());
    return product(this.grown(growth, this.taken), before);
  }

  private grown(growth: Quantity, steps: number): Expression {
    if (steps === 0) return ONE;
    return of(this.defined(growthFactor, of(growth), number(steps)));
  }

  /** Steps of growth with each payment, or with each payment of its place in a pattern. */
  private stepsEach(): number {
    const { growth } = this.flow.settled;
    if (growth === null || (growth.payments > 1 && growth.steps === 1)) return 1;
    return growth.steps;
  }

  private growthEach(growth: Quantity): Quantity {
    const steps = this.stepsEach();
    if (steps === 1) return growth;
    const { sheet } = this.composition;
    return sheet.once(`growth ${this.flow.index} ${steps}`, () =>
      sheet.define(
        sheet.letter("g", "p"),
        "rate",
        factorOf(rateOfSeveral, of(growth), number(steps)),
      ),
    );
  }

  private percentGrowth(): Quantity | null {
    return this.flow.settled.growth?.by === "percent" ? this.flow.growth : null;
  }

  /** Moves a factor from the date of its formula to the focal date. */
  private moved(factor: Expression, isFuture: boolean): Expression {
    const { moves, solved } = this.composition;
    const { first, frequency, count, spell } = this.series;
    const field = flowField(this.flow.index, "begins");
    const { begins: moved, count: added } = this.flow.resolved;
    const begins = moved.perUnknown;
    const { momentAt } = this.composition;
    if (isFuture) {
      const last = first + (count - 1) / frequency;
      const grows = this.series.isLast ? added.perUnknown / frequency : 0;
      return product(factor, moves.between(momentAt(last, begins + grows), this.focal, field));
    }
    const before = first - 1 / frequency;
    const start =
      spell === 0 ? Number.NEGATIVE_INFINITY : (solved.settled.spells[spell]?.start ?? 0);
    if (isUpTo(start, before)) {
      return product(factor, moves.between(momentAt(before, begins), this.focal, field));
    }
    // If another rate applies one period before the first payment, the factor is valued at that payment instead.
    const due = this.defined(growthFactor, of(this.rate), ONE);
    return product(factor, of(due), moves.between(momentAt(first, begins), this.focal, field));
  }

  private defined(factor: Factor, ...args: readonly Expression[]): Quantity {
    return this.noted(this.note, factor, ...args);
  }

  private noted(
    note: string | undefined,
    factor: Factor,
    ...args: readonly Expression[]
  ): Quantity {
    const { sheet } = this.composition;
    const key = `${factor.name} ${args.map((arg) => (arg.op === "quantity" ? arg.quantity.id : JSON.stringify(arg))).join(" ")}`;
    return sheet.once(key, () => sheet.define(null, "factor", factorOf(factor, ...args), note));
  }
}
