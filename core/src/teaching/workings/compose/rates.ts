import { withDigits } from "../../../engine/numbers/with-digits";
import { flowField, rateField } from "../../../engine/fields/field-ref";
import type { Problem } from "../../../engine/problem/schema";
import type { SettledSpell } from "../../../engine/solve/solution";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { isCompoundDiscount } from "../../../engine/rates/quotation";
import { frequencyOf } from "../../../engine/time/duration";
import { writeFigure } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { frequencyWords } from "../../../wording/quotation-words";
import {
  minus,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  asExpression,
  factorOf,
  logarithm,
  multiple,
  wholeInverse,
  type Letter,
  type Quantity,
} from "../mathematics/expression";
import { equivalentRate, rateFromForce } from "../mathematics/factors";
import { everyOf, isYearly, nounOf, quotedBase } from "./rate-words";
import { convertedRate, soughtRate } from "./rate-steps";
import type { Sheet } from "./sheet";

const WORDS = STEP_WORDS.conversions;

/** The period in which the interest of a spell is calculated. */
export interface Basis {
  /** Rate for one period, or the force of interest. */
  readonly rate: Quantity;
  /** `null` for continuous compounding: time is then counted in years. */
  readonly periodsPerYear: Quantity | number;
  readonly isForce: boolean;
  /** The singular name of the period: "quarter". */
  readonly noun: string;
}

/** Whether a rate is unknown. */
export type RatesAre =
  | "known"
  /** The unknown rate: the periodic rate of its spell, or the quoted rate if another refers to it. */
  | "sought";

/**
 * The rates of a problem in the workings: each as quoted, then for the period of the problem.
 * A rate for another period is calculated when a flow first needs it.
 */
export class Rates {
  readonly quoted: readonly Quantity[];
  private readonly problem: Problem;
  private readonly spells: readonly SettledSpell[];
  private readonly frequencies = new Map<number, Quantity>();
  private readonly letters = new Map<string, Letter>();

  /**
   * @param common payments a year, if all streams have the same number: their period is then the period of
   *   the problem
   */
  constructor(
    private readonly sheet: Sheet,
    { problem, settled }: SolvedProblem,
    private readonly common: number | null,
    private readonly are: RatesAre,
  ) {
    this.problem = problem;
    this.spells = settled.spells;
    this.quoted = this.spells.map((_, index) => this.quotedOf(index));
  }

  /** The rate and the period of a spell. */
  basis(index: number): Basis {
    const spell = this.spell(index);
    if (this.common !== null) {
      return {
        rate: this.perPeriod(index, this.common),
        periodsPerYear: this.perYear(this.common),
        isForce: false,
        noun: nounOf(this.common, this.problem),
      };
    }
    if (spell.quotation.quoted === "continuous") {
      return { rate: this.quotedOf(index), periodsPerYear: 1, isForce: true, noun: "year" };
    }
    const every = everyOf(spell);
    const frequency = frequencyOf(every);
    return {
      rate: this.compounding(index),
      periodsPerYear: frequency === 1 ? 1 : this.compoundingsPerYear(index),
      isForce: false,
      noun: frequencyWords(every).noun,
    };
  }

  /** The rate under a spell for a period that comes `frequency` times a year. */
  perPeriod(index: number, frequency: number): Quantity {
    const spell = this.spell(index);
    if (spell.quotation.quoted !== "continuous" && frequencyOf(everyOf(spell)) === frequency) {
      return this.compounding(index);
    }
    return this.sheet.once(`rate ${index} ${frequency}`, () => this.equivalent(index, frequency));
  }

  /** The number of periods a year; a number if there is nothing to convert, or each has several years. */
  perYear(frequency: number): Quantity | number {
    if (frequency === 1 || wholeInverse(frequency) !== null) return frequency;
    const before = this.frequencies.get(frequency);
    if (before !== undefined) return before;
    const flow = this.problem.flows.findIndex(
      (one) => "every" in one && frequencyOf(one.every) === frequency,
    );
    const field = flow < 0 ? null : flowField(flow, "every");
    const made = this.sheet.given(this.sheet.letter("p"), "count", frequency, field);
    this.frequencies.set(frequency, made);
    return made;
  }

  /** The quoted rate, from the periodic rate that was found for a spell. */
  quotedAgain(index: number, found: Quantity): Quantity {
    const spell = this.spell(index);
    const { quotation } = spell;
    const compounds = quotation.quoted === "continuous" ? null : frequencyOf(everyOf(spell));
    const rate =
      this.common === null || compounds === this.common
        ? found
        : this.perCompounding(index, found, compounds);
    const isShared = isYearly(spell) && compounds !== 1;
    if (!isShared && !isCompoundDiscount(spell.quotation)) return rate;
    const own = isCompoundDiscount(spell.quotation)
      ? quotient(of(rate), plus(ONE, of(rate)))
      : of(rate);
    return this.sheet.define(
      this.letterOf(quotedBase(spell), "", index),
      "rate",
      isShared ? product(asExpression(this.compoundingsPerYear(index)), own) : own,
    );
  }

  /** The rate per compounding period, from that per payment; the force of interest, if there is no such period. */
  private perCompounding(index: number, found: Quantity, compounds: number | null): Quantity {
    if (compounds === null) return this.forceAgain(index, found);
    const paid = asExpression(this.perYear(this.common ?? 1));
    const wanted = asExpression(compounds === 1 ? 1 : this.compoundingsPerYear(index));
    const letter = this.letterOf("i", "", index);
    return this.sheet.define(letter, "rate", factorOf(equivalentRate, of(found), paid, wanted));
  }

  private forceAgain(index: number, found: Quantity): Quantity {
    const perYear = asExpression(this.perYear(this.common ?? 1));
    const grown = plus(number(1), of(found));
    return this.sheet.define(
      this.letterOf(String.raw`\delta`, "", index),
      "rate",
      perYear.op === "number"
        ? multiple(perYear.value, logarithm(grown))
        : product(perYear, logarithm(grown)),
    );
  }

  private spell(index: number): SettledSpell {
    const spell = this.spells[index];
    if (spell === undefined) throw new TypeError("A timeline has no such rate");
    return spell;
  }

  private quotedOf(index: number): Quantity {
    return this.sheet.once(`quoted ${index}`, () => this.quotedRate(index));
  }

  private isSought(index: number): boolean {
    return this.are === "sought" && this.problem.rates[index]?.percent === null;
  }

  /** Whether another rate refers to the unknown one, so that it must be found in its quoted form. */
  private get isReferredTo(): boolean {
    return this.problem.rates.some(
      ({ percent }) => typeof percent === "object" && percent !== null,
    );
  }

  /** Whether the unknown of this spell is its periodic rate, not its quoted rate. */
  private isSoughtPerPeriod(index: number): boolean {
    return this.isSought(index) && !this.isReferredTo;
  }

  private quotedRate(index: number): Quantity {
    const spell = this.spell(index);
    const field = rateField(index, "percent");
    const letter = this.letterOf(quotedBase(spell), "", index);
    const decimal = withDigits(spell.percent / 100, 15);
    // If the periodic rate is the unknown, the quoted one follows from it, and no earlier formula uses it.
    if (this.isSought(index)) return this.sheet.unknown(letter, "rate", decimal, field);
    const said = this.problem.rates[index]?.percent;
    if (typeof said !== "object" || said === null) {
      return this.sheet.given(letter, "rate", decimal, field);
    }
    const points = number(withDigits(said.plus / 100, 15));
    return this.sheet.define(letter, "rate", plus(of(this.quotedOf(said.of)), points));
  }

  /** The rate of a spell with simple interest or bank discount, a year. */
  simple(index: number): Quantity {
    return this.quotedOf(index);
  }

  /** The rate for one compounding period of a spell. */
  compounding(index: number): Quantity {
    return this.sheet.once(`compounding ${index}`, () => {
      const spell = this.spell(index);
      const quoted = this.quotedOf(index);
      const isShared = isYearly(spell) && frequencyOf(everyOf(spell)) !== 1;
      if (!isShared && !isCompoundDiscount(spell.quotation)) return quoted;
      const letter = this.letterOf("i", "", index);
      if (this.isSoughtPerPeriod(index)) {
        return this.sought(letter, index, frequencyOf(everyOf(spell)));
      }
      const shared = isShared
        ? quotient(of(quoted), asExpression(this.compoundingsPerYear(index)))
        : of(quoted);
      if (isCompoundDiscount(spell.quotation)) {
        return convertedRate(
          this.sheet,
          this.sheet.work(letter, "rate", quotient(shared, minus(ONE, shared))),
          WORDS.fromDiscount(frequencyWords(everyOf(spell)).noun),
        );
      }
      return convertedRate(
        this.sheet,
        this.sheet.work(letter, "rate", shared),
        WORDS.nominal(writeFigure(frequencyOf(everyOf(spell)), this.sheet.format)),
      );
    });
  }

  /** The unknown periodic rate, which is found before the quoted one. */
  private sought(letter: Letter, index: number, frequency: number): Quantity {
    const noun = nounOf(frequency, this.problem);
    const value = Math.expm1(this.spell(index).force / frequency);
    const made = this.sheet.unknown(letter, "rate", value, rateField(index, "percent"));
    return soughtRate(this.sheet, made, noun);
  }

  private equivalent(index: number, frequency: number): Quantity {
    const spell = this.spell(index);
    const letter = this.letterOf("i", frequency === 1 ? "e" : "p", index);
    const isUnknown = this.isSoughtPerPeriod(index) && frequency === this.common;
    if (isUnknown) return this.sought(letter, index, frequency);
    const noun = nounOf(frequency, this.problem);
    const wanted = asExpression(this.perYear(frequency));
    if (spell.quotation.quoted === "continuous") {
      return convertedRate(
        this.sheet,
        this.sheet.work(letter, "rate", factorOf(rateFromForce, of(this.quotedOf(index)), wanted)),
        WORDS.fromNominal("continuously", noun),
      );
    }
    const rate = this.compounding(index);
    const perYear = asExpression(
      frequencyOf(everyOf(spell)) === 1 ? 1 : this.compoundingsPerYear(index),
    );
    const compounded = frequencyWords(everyOf(spell)).adverb;
    return convertedRate(
      this.sheet,
      this.sheet.work(letter, "rate", factorOf(equivalentRate, of(rate), perYear, wanted)),
      spell.quotation.quoted.startsWith("effective")
        ? WORDS.fromEffective(noun)
        : WORDS.fromNominal(compounded, noun),
    );
  }

  private compoundingsPerYear(index: number): Quantity {
    const spell = this.spell(index);
    const frequency = frequencyOf(everyOf(spell));
    return this.sheet.once(`m ${index}`, () =>
      this.sheet.given(
        this.letterOf("m", "", index),
        "count",
        frequency,
        rateField(index, "quotation"),
      ),
    );
  }

  private letterOf(base: string, mark: string, index: number): Letter {
    const key = `${base} ${mark} ${index}`;
    const before = this.letters.get(key);
    if (before !== undefined) return before;
    const letter = this.sheet.letter(base, mark, this.spells.length > 1 ? index + 1 : null);
    this.letters.set(key, letter);
    return letter;
  }
}
