import type { Mark } from "../marks/mark";
import { PAYMENT_NOUN } from "./rates";
import type { Scope } from "./scope";

/** "50 shares at €31 each": the figure that tells how many; `null` where one is told. */
export function countedBy(scope: Scope, mark: Mark): Mark | null {
  const [at, noun, number] = scope.before(mark, 3);
  // "To each of his 3 nieces £4,000".
  const [, count, whose, of, each] = scope.before(mark, 5);
  const isToEach =
    each?.word === "each" &&
    of?.word === "of" &&
    /^(?:his|her|their|the|its|my|our)$/.test(whose?.word ?? "") &&
    count?.quantity?.is === "number";
  if (isToEach) return count;
  const isEach = /^(?:each|apiece)$/.test(scope.after(mark, 1)[0]?.word ?? "");
  const isOfThings =
    /^(?:at|for|of|costing)$/.test(at?.word ?? "") &&
    noun?.word.endsWith("s") === true &&
    !PAYMENT_NOUN.test(noun.word);
  const isCount = number?.quantity?.is === "number" && !number.quantity.isOrdinal;
  if (isEach && isOfThings && isCount) return number;
  return isEach ? countOfWorth(scope, mark) : null;
}

/** "200 gold sovereigns, worth £340 each". */
function countOfWorth(scope: Scope, mark: Mark): Mark | null {
  const [worth, comma, ...behind] = scope.before(mark, 6);
  const isWorth = worth?.word === "worth";
  const words = comma?.word === "," ? behind : [comma, ...behind];
  const at = words.findIndex((one) => one?.quantity?.is === "number");
  const number = words[at];
  const isNear = at > 0 && at <= 2 && words[0]?.word.endsWith("s") === true;
  const isCount = number?.quantity?.is === "number" && !number.quantity.isOrdinal;
  return isWorth && isNear && isCount ? number : null;
}
