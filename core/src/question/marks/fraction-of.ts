import type { Token } from "../text/tokens";
import { beginsCurrency } from "./currency";
import type { QuantityAt } from "./quantity-kinds";

const ABOVE: Readonly<Record<string, number>> = { a: 1, one: 1, two: 2, three: 3, four: 4 };
const BELOW: Readonly<Record<string, number>> = {
  half: 2,
  third: 3,
  thirds: 3,
  quarter: 4,
  quarters: 4,
  fifth: 5,
  fifths: 5,
  sixth: 6,
  eighth: 8,
  tenth: 10,
};
/** What a share is taken of, and what is done with it. */
const OF =
  /^(?:the|its|his|her|their) (?:price|cost|purchase|amount|sum|value|total|money|loan|bill|fee|debt|invoice|sale)$/;
const PAID =
  /^(?:down|upfront|deposit|in cash|is paid|is due|was paid|as a deposit|as a down|at once|on delivery|on signing|immediately)$/;

function isMoneyAt(tokens: readonly Token[], at: number): boolean {
  const token = tokens[at];
  return token !== undefined && (token.kind === "number" || beginsCurrency(token));
}

function isAbove(token: Token | undefined): boolean {
  return token !== undefined && (token.word === "half" || ABOVE[token.word] !== undefined);
}

/** "A fifth of the price", "two thirds of the cost", "a quarter down": a share, as a percentage. */
export function fractionOfAt(tokens: readonly Token[], at: number): QuantityAt | null {
  if (!isAbove(tokens[at])) return null;
  const words = tokens.slice(at, at + 6).map(({ word }) => word);
  const isHalf = words[0] === "half";
  const above = isHalf ? 1 : ABOVE[words[0] ?? ""];
  const below = isHalf ? 2 : BELOW[words[1] ?? ""];
  const length = isHalf ? 1 : 2;
  // "Loses half its value" becomes so many times itself, and "loses a fifth of it every year" falls by so much.
  const isLost = /^(?:los(?:es?|t|ing)|halves?)$/.test(tokens[at - 1]?.word ?? "");
  if (isLost && isHalf) return null;
  if (above === undefined || below === undefined || above >= below) return null;
  const [next = "", second = "", third = ""] = words.slice(length);
  // "Grows by a quarter".
  const isBy =
    !isHalf && tokens[at - 1]?.word === "by" && /^(?:in|within|over|[.,;?:)])$/.test(next);
  const percent = Number(((100 * above) / below).toPrecision(15));
  if (isBy) return { quantity: { is: "percent", value: percent }, next: at + length };
  const isOfMoney =
    next === "of" &&
    /^(?:a|an|the|this|his|her|their)$/.test(second) &&
    isMoneyAt(tokens, at + length + 2);
  const isShare =
    isOfMoney ||
    (next === "of" &&
      (OF.test(`${second} ${third}`) ||
        (second === "it" && !/^(?:each|every)$/.test(third)) ||
        (/^(?:that|this|which)$/.test(second) && /^(?:is|was|are|,|comes)$/.test(third)))) ||
    (isHalf && OF.test(`${next} ${second}`)) ||
    [next, `${next} ${second}`, `${next} ${second} ${third}`].some((behind) => PAID.test(behind));
  if (!isShare) return null;
  if (isLost) {
    const isOften = tokens
      .slice(at, at + 8)
      .some(({ word }) => /^(?:every|each|yearly|annually)$/.test(word));
    return isOften ? { quantity: { is: "percent", value: percent }, next: at + length } : null;
  }
  return { quantity: { is: "percent", value: percent, isFraction: true }, next: at + length };
}
