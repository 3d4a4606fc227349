import { spanWords } from "../../wording/format-time";
import { capitalized, dateWords, flowName } from "../compose/flow-names";
import { chain, part as written, worthOf } from "../compose/equation";
import { fixedAt } from "../compose/moves";
import { sumOfWorths } from "../compose/sum-of-worths";
import type { Term } from "../compose/term";
import { termsAt } from "../compose/terms";
import { isOne, number, of, type Quantity } from "../mathematics/expression";
import type { Step } from "../step";
import { after, upTo } from "./parts";
import type { Story } from "./story";

export interface Balance {
  readonly steps: readonly Step[];
  readonly found: Quantity;
}

/**
 * What is still owed or still there at a date. Looking back and looking forward come to the same where
 * everything balances; the way with fewer terms is taken.
 */
export function balanceAt(story: Story, years: number): Balance {
  const known = story.balancesBefore.get(years);
  if (known !== undefined) return foundBefore(story, years, known);
  const balance = workedOut(story, years);
  story.balancesBefore.set(years, balance.found.value);
  return balance;
}

/** A further question may need what one before it has found. */
function foundBefore({ composition }: Story, years: number, value: number): Balance {
  const { sheet } = composition;
  const found = sheet.work(sheet.letter("B"), "money", number(value));
  return {
    found,
    steps: [
      {
        kind: "value",
        level: "short",
        say: `The balance ${dateWords(years)} was found above.`,
        lines: [
          {
            ...chain(written(of(found), "symbols"), written(of(found), "values")),
            defines: found,
          },
        ],
        value,
        finds: found,
      },
    ],
  };
}

function workedOut(story: Story, years: number): Balance {
  const back = upTo(story, years);
  const ahead = story.isBalanced ? after(story, years) : null;
  const isAhead = ahead !== null && ahead.size < back.size;
  const part = isAhead ? ahead : back;
  const { list, steps } = termsAt(part.composition, fixedAt(years), part.has);
  const side = isAhead ? -story.side : story.side;
  const terms = list
    .map((term): Term => ({ ...term, sign: (term.sign * side) as 1 | -1 }))
    .toSorted((one, other) => other.sign - one.sign);
  const [only] = terms;
  if (only === undefined || (terms.length === 1 && isOne(only.factor))) {
    return atOnce(story, years, only);
  }
  const together = sumOfWorths(part.composition, terms, story.composition.sheet.letter("B"), {
    equation: `The balance ${dateWords(years)}, in letters.`,
    value: "Work it out.",
  });
  return {
    found: together.found,
    steps: [
      { kind: "balance-in-words", level: "short", say: inWords(story, years, isAhead), lines: [] },
      ...story.countings.splice(0),
      ...steps,
      ...together.steps,
    ],
  };
}

/** A balance that needs no working: nothing has moved yet, all is settled, or one amount is all there is. */
function atOnce(story: Story, years: number, term: Term | undefined): Balance {
  const { sheet, problem, solution } = story.composition;
  const worth = term === undefined ? number(0) : worthOf(term);
  const found = sheet.work(sheet.letter("B"), "money", worth);
  const flow = solution.settled.flows[term?.flow ?? -1];
  const when = years === 0 ? "today" : `after ${spanWords(years)}`;
  const nothing = upTo(story, years).size === 0 ? "nothing has moved yet" : "nothing is left";
  const letter = written(of(found), "symbols");
  const value = written(of(found), "values");
  return {
    found,
    steps: [
      {
        kind: "value",
        level: "short",
        say:
          flow === undefined
            ? `${capitalized(when)} ${nothing}.`
            : `The balance ${when} is ${flowName(problem, flow)}.`,
        lines: [
          {
            ...(flow === undefined
              ? chain(letter, value)
              : chain(letter, written(worth, "symbols"), value)),
            defines: found,
          },
        ],
        value: found.value,
        finds: found,
      },
    ],
  };
}

function inWords({ side, composition }: Story, years: number, isAhead: boolean): string {
  const { flows } = composition.solution.settled;
  const [plus, minus] = side > 0 === isAhead ? ["out", "in"] : ["in", "out"];
  const way = isAhead
    ? `looking forward: everything balances in the end, so it is what is still to come, valued then`
    : `looking back: it is all that has moved by then, valued then`;
  const counts =
    flows.length === 1 ? "" : ` Money ${plus} counts for it, money ${minus} against it.`;
  return `The balance ${dateWords(years)}, ${way}.${counts}`;
}
