import {
  USUAL_FORMAT,
  writeFigure,
  writeMoney,
  type AnswerFormat,
} from "../../wording/answer-format";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import {
  CARD_WORDS,
  FORMULA_WORDS,
  SYMBOL_WORDS,
  type FormulaName,
} from "../../wording/teaching/formula-words";
import { chain, part } from "../workings/compose/equation";
import { flowName } from "../workings/compose/flow-names";
import { someQuantity } from "../workings/mathematics/evaluate";
import { of, type Expression, type Quantity } from "../workings/mathematics/expression";
import { letterIn, plainHand } from "../workings/mathematics/hands";
import type { Line, Step } from "../workings/step";
import { step } from "../workings/steps";
import { FORMULAS, type Form } from "./formulas";
import { formulasOf, type UsedFormula } from "./formulas-of";
import type { Composition } from "../workings/compose/composition";

/** A formula as it stands on a course's sheet, and what its letters are in the problem. */
export interface FormulaCard {
  readonly formula: FormulaName;
  readonly name: string;
  /** Conditions and formula; the letters; the rearranged forms; when it does not apply. */
  readonly steps: readonly Step[];
}

/**
 * The formulas that a problem uses, one card each.
 *
 * @param solved as `solve` found it
 * @returns in the order of the lines; the same steps as workings have, so that they are shown and copied alike
 */
export function formulaCards(
  solved: SolvedProblem,
  format: AnswerFormat = USUAL_FORMAT,
): FormulaCard[] {
  const { composition, used } = formulasOf(solved);
  return used.map((one) => cardOf(composition, one, format));
}

function cardOf(composition: Composition, used: UsedFormula, format: AnswerFormat): FormulaCard {
  const { formula } = used;
  const words = FORMULA_WORDS[formula];
  const [first, ...others] = FORMULAS[formula];
  return {
    formula,
    name: words.name,
    steps: [
      step("equation", "short", `${words.name}. ${words.holds}`, lineOf(first)),
      step("given", "short", CARD_WORDS.here, ...symbolLines(composition, used, format)),
      step("rearranged", "short", CARD_WORDS.rearranged, ...others.map(lineOf)),
      step("check", "short", words.not),
    ],
  };
}

function lineOf({ letter, equals }: Form): Line {
  return equals === null
    ? {
        parts: [part(letter, "symbols")],
        isAsked: true,
        note: CARD_WORDS.noFormula(nameOf(letter)),
      }
    : chain(part(letter, "symbols"), part(equals, "symbols"));
}

/** What each letter of the formula is, with its number where it has one of its own. */
function symbolLines(
  { rates, solved, sheet }: Composition,
  { formula, flow }: UsedFormula,
  format: AnswerFormat,
): Line[] {
  const letters = lettersIn(FORMULAS[formula][0]);
  const own: Readonly<Record<string, Quantity | null>> = {
    PMT: flow?.kind === "stream" ? flow.size : null,
    n: flow?.kind === "stream" ? flow.count : null,
    g: flow?.growth ?? null,
    G: flow?.growth ?? null,
    r: rates.quoted[0] ?? null,
    d: rates.quoted[0] ?? null,
    δ: rates.quoted[0] ?? null,
    i: solved.settled.spells.length === 1 && solved.settled.accrual === undefined ? rateOf() : null,
  };
  const name = flow === null ? null : flowName(flow, sheet.format);
  return letters.map((letter) => {
    const plain = nameOf(letter);
    const quantity = own[plain] ?? null;
    const words = SYMBOL_WORDS[baseOf(letter)] ?? "";
    const whose = plain === "PMT" && name !== null ? ` (${name})` : "";
    const here = quantity === null ? "" : `: ${valueOf(quantity)}`;
    return { parts: [part(letter, "symbols")], note: `${words}${whose}${here}` };
  });

  function rateOf(): Quantity | null {
    const frequency = flow?.kind === "stream" ? flow.settled.frequency : null;
    const quantity = frequency === null ? rates.basis(0).rate : rates.perPeriod(0, frequency);
    return rates.basis(0).isForce && frequency === null ? null : quantity;
  }

  function valueOf({ kind, value, isOpen }: Quantity): string {
    if (isOpen) return CARD_WORDS.found;
    return kind === "money" ? writeMoney(value, format) : writeFigure(value, format, 12);
  }
}

/** The letters of a formula, each once. */
function lettersIn({ letter, equals }: Form): Expression[] {
  const found = new Set<Quantity>();
  for (const one of [letter, equals]) {
    if (one === null) continue;
    someQuantity(one, (quantity) => {
      found.add(quantity);
      return false;
    });
  }
  return [...found].map(of);
}

function nameOf(letter: Expression): string {
  return letter.op === "quantity" && letter.quantity.letter !== null
    ? letterIn(letter.quantity.letter, plainHand)
    : "";
}

function baseOf(letter: Expression): string {
  return letter.op === "quantity" ? (letter.quantity.letter?.base ?? "") : "";
}
