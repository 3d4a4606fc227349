import type { FlowOf } from "../../engine/problem/schema";
import type { SolvedFlow, SolvedProblem } from "../../engine/solve/solved-problem";
import { USUAL_FORMAT, writeDirected, type AnswerFormat } from "../answer-format";
import { paidWhen } from "../amount-sentence";
import { answerText } from "../answer-sentence";
import { capitalized } from "../capitalized";
import { endWords } from "../end-words";
import { whenMomentWords } from "../format-time";

/**
 * The last sentence of the workings, in the nouns of the student's own lines: "The price is 941.36." "The deposit is
 * 428.75 at the end of each month." Where the unknown has no name, or goes the other way, it is the sentence of the page.
 */
export function lastSentence(solved: SolvedProblem, format: AnswerFormat = USUAL_FORMAT): string {
  return inOwnNouns(solved, format) ?? answerText(solved, format);
}

function inOwnNouns({ flows, unknown, answers, facts }: SolvedProblem, format: AnswerFormat) {
  const own = unknown.kind === "amount" ? flows[unknown.field.line] : undefined;
  const [answer] = answers;
  if (own === undefined || unknown.field.field !== "amount" || facts.roundedPayment !== undefined)
    return null;
  const { file } = own;
  if (file.kind !== "single" && file.kind !== "stream") return null;
  if (answer.direction !== undefined && answer.direction !== file.direction) return null;
  const label = file.label?.trim() ?? "";
  if (label === "") return null;
  const value = writeDirected(answer.value, answer.direction, format);
  return file.kind === "stream"
    ? paymentSentence(file, label, value)
    : singleSentence(file, label, value, format);
}

function paymentSentence(
  { every, timing, growth }: FlowOf<"stream">,
  label: string,
  value: string,
) {
  const each = paidWhen(every, timing);
  const name = nameOf(label, "each");
  return growth === undefined
    ? `${capitalized(name.words)} ${name.verb} ${value} ${each}.`
    : `${capitalized(name.words)} ${name.verb} ${value} at first.`;
}

function singleSentence(
  { at }: Extract<SolvedFlow, { kind: "single" }>["file"],
  label: string,
  value: string,
  format: AnswerFormat,
) {
  const { words, verb } = nameOf(label, "together");
  return `${capitalized(words)} ${verb} ${value}${whenAfter(at, format)}.`;
}

/** When it is, behind its value; nothing today. */
function whenAfter(
  at: Extract<SolvedFlow, { kind: "single" }>["file"]["at"],
  format: AnswerFormat,
): string {
  if (at === null) return "";
  if (typeof at !== "string") return ` when ${endWords(at.endOf)}`;
  const words = whenMomentWords(at, format);
  return words === "today" ? "" : ` ${words}`;
}

interface Name {
  readonly words: string;
  readonly verb: "is" | "are";
}

/** "Price" is the price, "Deposits" the deposit of each period; what is no noun of this trade is quoted. */
function nameOf(label: string, told: "each" | "together"): Name {
  const words = label.split(/\s+/);
  const last = (words.at(-1) ?? "").toLowerCase();
  const single = last.replace(/s$/, "");
  const isPlural = last !== single && NOUNS.has(single);
  if (!isPlural && !NOUNS.has(last)) return { words: `“${label}”`, verb: "is" };
  const before = words.slice(0, -1).map(inSentence);
  const isEach = isPlural && told === "each" && !ALWAYS_PLURAL.has(last);
  return {
    words: ["the", ...before, isEach ? single : last].join(" "),
    verb: isPlural && !isEach ? "are" : "is",
  };
}

/** A word of a name as it is inside a sentence; what may be somebody's name keeps its capital. */
function inSentence(word: string): string {
  const small = word.toLowerCase();
  return NOUNS.has(small) || QUALIFIERS.has(small) ? small : word;
}

const NOUNS: ReadonlySet<string> = new Set([
  "allowance",
  "amount",
  "annuity",
  "balance",
  "balloon",
  "bond",
  "bonus",
  "budget",
  "bursary",
  "capital",
  "contribution",
  "cost",
  "coupon",
  "debt",
  "deposit",
  "dividend",
  "endowment",
  "fee",
  "fund",
  "gift",
  "goal",
  "grant",
  "income",
  "instalment",
  "installment",
  "investment",
  "lease",
  "legacy",
  "loan",
  "mortgage",
  "note",
  "outlay",
  "payment",
  "pension",
  "perpetuity",
  "pot",
  "premium",
  "price",
  "principal",
  "prize",
  "proceed",
  "profit",
  "receipt",
  "redemption",
  "rent",
  "repayment",
  "residual",
  "salary",
  "saving",
  "scholarship",
  "share",
  "subsidy",
  "sum",
  "target",
  "value",
  "wage",
  "withdrawal",
]);

const QUALIFIERS: ReadonlySet<string> = new Set([
  "annual",
  "balloon",
  "cash",
  "daily",
  "down",
  "face",
  "final",
  "first",
  "fortnightly",
  "future",
  "half-yearly",
  "initial",
  "last",
  "market",
  "maturity",
  "monthly",
  "net",
  "new",
  "old",
  "opening",
  "present",
  "purchase",
  "quarterly",
  "regular",
  "resale",
  "sale",
  "salvage",
  "second",
  "selling",
  "single",
  "surrender",
  "total",
  "weekly",
  "yearly",
]);

/** Nouns that have no singular in this sense. */
const ALWAYS_PLURAL: ReadonlySet<string> = new Set(["savings", "proceeds"]);
