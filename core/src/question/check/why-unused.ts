import { isClaimed } from "../facts/plain-amounts";
import { isPercent, isYear, type Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";

/** Why a figure has no place in the problem. */
export type UnusedCode =
  | "year"
  | "age"
  | "marks"
  | "label"
  | "address"
  | "things"
  | "measure"
  | "amount"
  | "percent"
  | "time"
  | "said"
  | "number";

const POINTS = /^(?:marks?|points?|pts?|credits)$/;
const LABELS =
  /^(?:question|exercise|problem|case|unit|lecture|chapter|paper|sheet|room|page|ref|no|number|q|part|section|example|week|task|figure|table|assignment|module)$/;
const MEASURES =
  /^(?:km|m|metres?|meters?|cm|mm|kg|g|litres?|hectares?|acres?|miles?|feet|ft|w|kw|kwh|watts?|degrees?|tonnes?|inches|square|minutes?|hours?|seconds?|p|am|pm|a|digit|o'clock|%)$/;
const SAYS = /^(?:says?|said|reckons|thinks|guy|mate|told|tells|heard|claims?|guess|answer|fears)$/;

/** The reason that is told for a figure that the reading leaves out. */
export function whyUnused(scope: Scope, mark: Mark): UnusedCode {
  const [before, earlier] = scope.before(mark, 2);
  const [next] = scope.after(mark, 1);
  const { quantity } = mark;
  if (quantity?.is === "number" && POINTS.test(next?.word ?? "")) return "marks";
  if (isBracketed(before, next) && quantity?.is === "number" && quantity.value <= 25)
    return "marks";
  if (quantity?.is === "date") return "time";
  if (isYear(mark)) return "year";
  if (LABELS.test(before?.word ?? "") || (before?.word === "." && LABELS.test(earlier?.word ?? "")))
    return "label";
  const isTold = quantity?.is === "money" || quantity?.is === "percent";
  if (
    isTold &&
    (scope.sentence(mark).some(({ word }) => SAYS.test(word)) || isClaimed(scope, mark))
  )
    return "said";
  if (quantity?.is === "money") return "amount";
  if (isPercent(mark)) return "percent";
  const isAbout =
    /^(?:about|roughly|around|nearly|almost|approximately)$/.test(before?.word ?? "") ||
    / (?:about|roughly|around|nearly|almost|approximately) /.test(mark.text);
  if (isAbout) return "said";
  if (quantity?.is === "span" || mark.phrase !== undefined)
    return next?.word === "old" ? "age" : "time";
  if (
    /^(?:age|aged|turned|turns)$/.test(before?.word ?? "") ||
    next?.word === "birthday" ||
    /^(?:age|aged)$/.test(earlier?.word ?? "")
  )
    return "age";
  // "Anselm, 40, will save".
  const isApart = before?.word === "," && next?.word === ",";
  if (isApart && quantity?.is === "number" && quantity.value >= 10 && quantity.value <= 110)
    return "age";
  if (MEASURES.test(next?.word ?? "")) return "measure";
  if (next !== undefined && /^(?:street|row|road|lane|avenue|harl)$/.test(next.word))
    return "address";
  return next !== undefined && /^\p{L}/u.test(next.word) ? "things" : "number";
}

function isBracketed(before: Mark | undefined, next: Mark | undefined): boolean {
  return (
    (before?.word === "(" && next?.word === ")") || (before?.word === "[" && next?.word === "]")
  );
}
