import type { UnknownKind } from "../../../engine/fields/figure";
import { flowField, isSameField, rateField, type FieldRef } from "../../../engine/fields/field-ref";
import { checkFollowUp } from "../../../engine/problem/references";
import type { FollowUp, Problem } from "../../../engine/problem/schema";
import { listUnknowns, type Unknown } from "../../../engine/problem/unknown";
import type { Names } from "../../input/names";
import type { FollowUpLine } from "../draft";
import { readFollowUp } from "../read-follow-up";

/** What one part may take up of another: its answer, something asked further, or a figure of one of its lines. */
export type Quantity =
  | { readonly kind: "answer"; readonly which: number | null }
  | { readonly kind: "follow-up"; readonly question: FollowUp }
  | { readonly kind: "figure"; readonly ref: FieldRef }
  /** How long the payments of a line go on, in years. */
  | { readonly kind: "term"; readonly line: number };

const ANSWER =
  /^(?:(?<which>\S+) )?(?:answer|result|solution|unknown|same)(?: (?<number>\d{1,2}))?$/;
const FOLLOW_UP = /^follow-?up (\d{1,2})$/;
const RATE_OF = /^(?:(?<which>\S+) )?(?:rate(?: of return| of interest)?|interest rate|yield|irr)$/;
const PLACES: Readonly<Record<string, number>> = {
  first: 0,
  second: 1,
  third: 2,
  fourth: 3,
  "1st": 0,
  "2nd": 1,
  "3rd": 2,
  "4th": 3,
  lowest: 0,
  smaller: 0,
  larger: -1,
  highest: -1,
};

/** The words of the trade for a payment of many, and for an amount by itself. */
const REPEATED =
  /^(?:(?:same|new|old|level|equal|regular|monthly|quarterly|yearly|annual|weekly|fortnightly) )?(?:payment|repayment|instal+ment|deposit|withdrawal|receipt|premium|rent|pmt)s?$/;
const ONCE =
  /^(?:loan|price|sum|principal|present value|future value|pv|fv|payment|deposit|(?:loan )?amount|amount (?:borrowed|lent|invested|due))$/;
const ALL_INTEREST = /^(?:total |all (?:the )?)?interest(?: paid| earned)?$/;
const ALL_PAID = /^total (?:money )?(?:paid|received)$/;
const COUNT = /^(?:number of (?:payments|deposits|withdrawals)|count)$/;
const TERM = /^(?:term|duration|length)$/;

/** The words for an answer of another kind. */
const NOUNS: Readonly<Record<Exclude<UnknownKind, "amount">, RegExp>> = {
  percent: RATE_OF,
  growth: /^(?:growth(?: rate)?|gradient|step)$/,
  count: COUNT,
  at: /^(?:time|term|date|duration)$/,
  begins: /^(?:start|beginning|time|date)$/,
  value: /^(?:net )?(?:present )?(?:value|worth)$|^npv$/,
};

const BALANCE =
  /^(?:(?:outstanding |remaining |unpaid |loan )?balance(?: owed| outstanding| left| due)?|(?:what is |amount |still )*owed|debt)(?: (?:still )?(?:at |on |in )?(?<at>.+))?$/;
const VALUE = /^(?:net )?value (?:at |on |in )?(?<at>.+)$/;
const SHARE =
  /^(?<find>interest|principal)(?: part)?(?: paid| earned| repaid| received)?(?: (?<over>.+))?$/;
const TOTAL = /^total (?:of (?:the )?|money )?(?<of>.+)$/;

/**
 * What some words mean in a part: `answer`, `payment`, `balance after 5 years`, `interest in year 3`, `total out`, the
 * name of a line.
 *
 * @param words in small letters, without an article in front
 * @param names those of the part
 * @returns `null` for words that mean nothing there
 */
export function quantityIn(problem: Problem, words: string, names: Names): Quantity | null {
  const answer = answerNamed(problem, words);
  if (answer !== null) return answer;
  const asked = problem.also?.[Number(FOLLOW_UP.exec(words)?.[1]) - 1];
  if (asked !== undefined) return { kind: "follow-up", question: asked };
  const question = furtherQuestion(words, names) ?? overAll(problem, words);
  if (question !== null && checkFollowUp(problem, question, []).length === 0) {
    return { kind: "follow-up", question };
  }
  return figureNamed(problem, words, names);
}

function answerNamed(problem: Problem, words: string): Quantity | null {
  const [unknown] = listUnknowns(problem);
  const said = ANSWER.exec(words) ?? (unknown?.kind === "percent" ? RATE_OF.exec(words) : null);
  if (said === null) return null;
  const { which, number } = said.groups ?? {};
  if (which === undefined) {
    return { kind: "answer", which: number === undefined ? null : Number(number) - 1 };
  }
  const place = PLACES[which];
  return place === undefined ? null : { kind: "answer", which: place };
}

function furtherQuestion(words: string, names: Names): FollowUp | null {
  const line = furtherLine(words, names);
  return line === null ? null : readFollowUp(line, names).question;
}

/** What is asked of the whole time: all interest until the payments end, all that is paid. */
function overAll({ flows }: Problem, words: string): FollowUp | null {
  const streams = flows.flatMap((flow) => (flow.kind === "stream" ? [flow] : []));
  const [stream] = streams;
  if (streams.length === 1 && stream !== undefined && ALL_INTEREST.test(words)) {
    return { find: "interest", from: "P0D", to: { endOf: stream.id } };
  }
  return ALL_PAID.test(words) ? { find: "total", of: words.endsWith("paid") ? "out" : "in" } : null;
}

/** The follow-up question that some words ask. */
function furtherLine(words: string, names: Names): FollowUpLine | null {
  const id = "taken-up";
  const balance = BALANCE.exec(words)?.groups?.["at"];
  if (balance !== undefined) return { kind: "balance", id, at: balance };
  const value = VALUE.exec(words)?.groups?.["at"];
  if (value !== undefined) return { kind: "value", id, at: value };
  const { find, over } = SHARE.exec(words)?.groups ?? {};
  if (over !== undefined) {
    return { kind: find === "principal" ? "principal" : "interest", id, over };
  }
  const of = TOTAL.exec(words)?.groups?.["of"];
  if (of === undefined) return null;
  const flow = of === "in" || of === "out" ? of : names.find(of);
  return flow === null ? null : { kind: "total", id, of: flow };
}

/** The figure of a line by its name; else the answer, or the only figure, that the trade calls so. */
function figureNamed(problem: Problem, words: string, names: Names): Quantity | null {
  const { flows, rates } = problem;
  const [unknown] = listUnknowns(problem);
  const figure = (ref: FieldRef): Quantity =>
    unknown !== undefined && isSameField(unknown.field, ref)
      ? { kind: "answer", which: null }
      : { kind: "figure", ref };
  const of = names.find(words);
  const named = flows.findIndex(({ id }) => id === of);
  if (named >= 0) {
    const kind = flows[named]?.kind;
    return kind === "single" || kind === "stream" ? figure(flowField(named, "amount")) : null;
  }
  if (unknown !== undefined && isCalled(unknown, flows, words)) {
    return { kind: "answer", which: null };
  }
  const streams = flows.flatMap(({ kind }, index) => (kind === "stream" ? [index] : []));
  const [stream] = streams;
  if (streams.length === 1 && stream !== undefined) {
    if (TERM.test(words)) return { kind: "term", line: stream };
    if (REPEATED.test(words)) return figure(flowField(stream, "amount"));
    if (COUNT.test(words)) return figure(flowField(stream, "count"));
  }
  const singles = flows.flatMap(({ kind }, index) => (kind === "single" ? [index] : []));
  const [single] = singles;
  if (singles.length === 1 && single !== undefined && ONCE.test(words)) {
    return figure(flowField(single, "amount"));
  }
  return rates.length === 1 && RATE_OF.test(words) ? figure(rateField(0, "percent")) : null;
}

/** Whether an answer is called so in the trade. */
function isCalled({ kind, field }: Unknown, flows: Problem["flows"], words: string): boolean {
  if (kind !== "amount") return NOUNS[kind].test(words);
  const line = flows[field.line];
  return (
    // "Payment" is an amount by itself only where none is paid again and again.
    line?.kind === "stream"
      ? REPEATED.test(words)
      : ONCE.test(words) && !(REPEATED.test(words) && flows.some((flow) => flow.kind === "stream"))
  );
}
