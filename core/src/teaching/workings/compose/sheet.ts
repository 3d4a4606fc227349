import type { FieldRef } from "../../../engine/fields/field-ref";
import { evaluate, hasInlined, isOpen } from "../mathematics/evaluate";
import {
  of,
  type Expression,
  type Letter,
  type Quantity,
  type QuantityKind,
} from "../mathematics/expression";
import { roundAs, type Rounding } from "../mathematics/figures";
import type { Line, Step } from "../step";
import type { NamedDate } from "./flow-names";
import { USUAL_FORMAT, type AnswerFormat } from "../../../wording/answer-format";

/** What came about while something was calculated. */
export interface Recorded<Value> {
  readonly value: Value;
  /** The lines that show its quantities. */
  readonly lines: readonly Line[];
  /** What was converted on the way: rates, then times, then numbers of payments. */
  readonly conversions: readonly Step[];
}

const CONVERSIONS = ["rate", "time", "payments"] as const;

/** What a conversion is of. */
type Conversion = (typeof CONVERSIONS)[number];

/** What comes about while something is calculated. */
interface Gathered {
  readonly lines: Line[];
  readonly steps: { readonly of: Conversion; readonly step: Step }[];
}

/**
 * The quantities of one set of workings, each given or calculated from earlier ones. Formulas, rounding and links
 * back to the source of a number all come from this one sheet:
 * docs/decisions/0015-one-tree-of-mathematics.md
 */
export class Sheet {
  readonly quantities: Quantity[] = [];
  /** The dates by which the problem says its times. */
  dates: readonly NamedDate[] = [];
  private readonly letters: Letter[] = [];
  private readonly made = new Map<string, Quantity>();
  /** What is being gathered; lines of what nobody records are shown nowhere. */
  private gathered: Gathered | null = null;

  /** @param name begins the ids of its quantities, because several sheets may share a page */
  constructor(
    readonly rounding: Rounding,
    private readonly name = "q",
    /** The number format of the sentences and tables made from it. */
    readonly format: AnswerFormat = USUAL_FORMAT,
  ) {}

  /** A letter; those with the same base and mark are numbered once all are known. */
  letter(base: string, mark = "", number: number | null = null): Letter {
    const letter: Letter = { base, mark, number };
    this.letters.push(letter);
    return letter;
  }

  given(
    letter: Letter | null,
    kind: QuantityKind,
    value: number,
    field: FieldRef | null,
  ): Quantity {
    return this.add({
      letter,
      kind,
      value,
      field,
      expression: null,
      isUnknown: false,
      isOpen: false,
    });
  }

  /** @param value the value that will be found, for drawings and proofs; no line may use it yet */
  unknown(letter: Letter, kind: QuantityKind, value: number, field: FieldRef | null): Quantity {
    return this.add({
      letter,
      kind,
      value,
      field,
      expression: null,
      isUnknown: true,
      isOpen: true,
    });
  }

  /** Calculates a quantity, rounds it if the course does, and keeps the line that shows it. */
  define(
    letter: Letter | null,
    kind: QuantityKind,
    expression: Expression,
    note?: string,
  ): Quantity {
    const quantity = this.add({
      letter,
      kind,
      value: roundAs(kind, evaluate(expression), this.rounding),
      field: null,
      expression,
      isUnknown: false,
      isOpen: isOpen(expression),
    });
    if (!quantity.isOpen) this.gathered?.lines.push(lineOf(quantity, note));
    return quantity;
  }

  /** Keeps a line that shows a given quantity. */
  tell(quantity: Quantity, note: string): void {
    const whole = of(quantity);
    this.gathered?.lines.push({
      parts: [
        { expression: whole, manner: "symbols" },
        { expression: whole, manner: "values" },
      ],
      note,
    });
  }

  /** The same without a line, if its step writes its own. */
  work(letter: Letter | null, kind: QuantityKind, expression: Expression): Quantity {
    return this.record(() => this.define(letter, kind, expression)).value;
  }

  /** The same, but only once for the same key. */
  once(key: string, make: () => Quantity): Quantity {
    const before = this.made.get(key);
    if (before !== undefined) return before;
    const quantity = make();
    this.made.set(key, quantity);
    return quantity;
  }

  /** Keeps a step that converts something, for those before which it has to stand. */
  convert(of: Conversion, step: Step): void {
    this.gathered?.steps.push({ of, step });
  }

  /** Calculates something, and gathers what came about meanwhile and was not gathered within. */
  record<Value>(make: () => Value): Recorded<Value> {
    const outer = this.gathered;
    const own: Gathered = { lines: [], steps: [] };
    this.gathered = own;
    const value = make();
    this.gathered = outer;
    const conversions = CONVERSIONS.flatMap((wanted) =>
      own.steps.filter(({ of }) => of === wanted).map(({ step }) => step),
    );
    return { value, lines: own.lines, conversions };
  }

  /** Numbers letters that are used more than once; call it before anything is written. */
  numberLetters(): void {
    for (const letter of this.letters) {
      const alike = this.letters.filter(
        ({ base, mark }) => base === letter.base && mark === letter.mark,
      );
      if (alike.length > 1) letter.number ??= alike.indexOf(letter) + 1;
    }
  }

  private add(quantity: Omit<Quantity, "id">): Quantity {
    const added = { ...quantity, id: `${this.name}${this.quantities.length + 1}` };
    this.quantities.push(added);
    return added;
  }
}

/** A calculated quantity: its letter, its formula, the formula with numbers, its value. */
export function lineOf(quantity: Quantity, note?: string): Line {
  const { letter, expression } = quantity;
  const whole = of(quantity);
  return {
    parts: [
      ...(letter === null ? [] : [{ expression: whole, manner: "symbols" as const }]),
      ...(expression === null
        ? []
        : [
            { expression, manner: "symbols" as const },
            { expression, manner: "values" as const },
            // The numbers of parts calculated above are written there.
            ...(hasInlined(expression) ? [] : [{ expression, manner: "numbers" as const }]),
          ]),
      { expression: whole, manner: "values" },
    ],
    defines: quantity,
    ...(note === undefined ? {} : { note }),
  };
}

/** What is to be found: `i = ?`. */
export function askedLine(quantity: Quantity, note: string): Line {
  return { parts: [{ expression: of(quantity), manner: "symbols" }], note, isAsked: true };
}

/** A line with values only: `5,807.59 / 82.33 = 70.54`. */
export function valuesOf(line: Line): Line {
  return { ...line, parts: line.parts.filter(({ manner }) => manner === "values") };
}

/** A result by its letter and in values, if an earlier line has its formula. */
export function resultLine(quantity: Quantity): Line {
  const line = lineOf(quantity);
  return {
    ...line,
    parts: line.parts.filter(({ manner }, index) => index === 0 || manner === "values"),
  };
}
