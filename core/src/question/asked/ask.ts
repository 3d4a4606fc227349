import type { Mark } from "../marks/mark";
import type { Quoting } from "../facts/quoting";
import { PAYMENT_NOUN, quotingOf } from "../facts/rates";
import { wordsOf, type Scope } from "../facts/scope";
import type { AskKind } from "./ask-kind";
import { kindOf } from "./kind-of";

export interface Ask {
  readonly kind: AskKind;
  /** The marks of the asking sentence. */
  readonly marks: readonly Mark[];
  readonly quoting: Quoting;
  /** In which unit a time is asked for. */
  readonly unit: string | null;
}

const ASKING =
  /^(?:what|whats|what's|how|which|find|calculate|determine|compute|evaluate|work|give|state|express|convert|show|price|obtain|estimate|solve|ascertain|derive|restate|rewrite|change|turn|translate|quote|deduce|tell|rank|compare|wanted|discount|capitalise|capitalize|value|choose|pick|decide)$/;

/** The sentence that asks: the last with a question mark or an asking verb, which is not the story's. */
export function askIn(scope: Scope, taken: ReadonlySet<Mark>): Ask | null {
  const sentences = scope.sentences();
  const asking = sentences.filter(isAsking);
  const marks = asking.at(-1) ?? headed(sentences);
  if (marks === undefined) return null;
  const found = [...asking]
    .reverse()
    .map((sentence) => askOf(sentence, taken))
    .find((ask) => ask.kind !== "amount");
  return found ?? askOf(marks, taken);
}

/** "Value today, please: €700 at the end of each quarter": what stands before the colon asks. */
function headed(sentences: readonly (readonly Mark[])[]): readonly Mark[] | undefined {
  for (const sentence of sentences) {
    const colon = sentence.findIndex(({ word }) => word === ":");
    const head = sentence.slice(0, Math.max(colon, 0));
    const names = head.some(({ word }) =>
      /^(?:value|payment|price|balance|rate|amount|npv|irr|pv|fv|instalment)$/.test(word),
    );
    if (colon > 0 && colon <= SHORT && names) return head;
  }
  return undefined;
}

/** Whether a sentence asks something. */
export function isAsking(sentence: readonly Mark[]): boolean {
  const words = wordsOf(sentence);
  if (
    / (?:ask yourself|(?<!how much |how many |what )do you have|do you (?:know|think|agree)|does anyone|may we|can we|is that right|is that correct) /.test(
      words,
    )
  )
    return false;
  const last = sentence.at(-1)?.word;
  return (
    last === "?" ||
    isNamed(words) ||
    sentence.some(
      (mark, at) =>
        mark.phrase === undefined &&
        ASKING.test(mark.word) &&
        isVerb(sentence, at) &&
        (!WH.test(mark.word) || isIndirect(sentence, at)),
    )
  );
}

/** "PV of 500 a month for 10 years at 6%": what is named first is asked for, unless it is told what it is. */
function isNamed(words: string): boolean {
  return (
    /^ (?:the )?(?:pv|fv|present value|future value|accumulated value|monthly payment) (?:of|on|for) /.test(
      words,
    ) && !/ (?:=|is|are|was|were|equals|given|known) /.test(words)
  );
}

const OPENS = /^(?:when|would|should|is|are|will|can|could|does|do|by|at|for|after|in)$/;

const OPENS_CLAUSE = /^(?:when|is|are|will|does|do|did|would|by)$/;

/** "Accumulated value?" is a question too. */
const SHORT = 7;

const WH = /^(?:what|whats|what's|how|which)$/;

/** "His niece asks what will remain": without a question mark, such a word asks at the start or behind a verb of asking. */
function isIndirect(sentence: readonly Mark[], at: number): boolean {
  const before = sentence[at - 1]?.word ?? "";
  return (
    at <= 1 ||
    /^(?:asks?|asked|wonders?|know|knows|find|determine|calculate|state|tell|me|us|out|and|then|,|:|\)|-|–|—)$/.test(
      before,
    ) ||
    sentence[at - 1]?.quantity !== undefined ||
    sentence[at - 1]?.phrase !== undefined
  );
}

/** "work" and "price" ask only at the beginning of a sentence or clause. */
function isVerb(sentence: readonly Mark[], at: number): boolean {
  const word = sentence[at]?.word ?? "";
  if (word === "value")
    return (
      at === 0 &&
      (sentence[1]?.phrase?.as === "now" ||
        /^(?:it|them|this|these|that|those|the|a|an|all)$/.test(sentence[1]?.word ?? ""))
    );
  if (word === "price" && !/^(?:a|an|the|this|these|it|them)$/.test(sentence[at + 1]?.word ?? ""))
    return false;
  if (
    !/^(?:work|price|give|state|show|tell|quote|change|turn|find|rank|compare|estimate|solve|express|discount|choose|pick|decide)$/.test(
      word,
    )
  )
    return true;
  const before = sentence[at - 1]?.word;
  return (
    before === undefined ||
    /^(?:[.,:;)(]|and|u|you|then|please|to|must|should|hence|also|\d+|[a-h]|i+)$/.test(before) ||
    sentence[at - 1]?.quantity !== undefined ||
    sentence[at - 1]?.phrase !== undefined
  );
}

/** @param taken what is said of a known rate asks nothing */
function askOf(sentence: readonly Mark[], taken: ReadonlySet<Mark>): Ask {
  const verb = sentence.findIndex(
    ({ word, phrase }, place) =>
      phrase === undefined && ASKING.test(word) && isVerb(sentence, place),
  );
  const opens = OPENS.test(sentence[0]?.word ?? "") || isNamed(wordsOf(sentence));
  // "… will together amount to what?"
  const isLast = verb !== -1 && verb >= sentence.length - 2 && sentence.length > SHORT;
  const at = isLast ? 0 : verb === -1 ? (opens ? 0 : clauseThatAsks(sentence)) : verb;
  const marks = at === -1 ? sentence : sentence.slice(at);
  // "If money is worth 5%" is how the rate is told.
  const words = wordsOf(marks.filter((mark) => !taken.has(mark))).replace(
    / money (?:is|was) worth /g,
    " ",
  );
  const read = isPercentAsked(sentence)
    ? "rate"
    : isInterestAsked(sentence)
      ? "interest"
      : kindOf(words, marks);
  // "(b) if instead €900 is taken out at the end of each year?" asks what has been asked before.
  const isShort = sentence.length <= SHORT;
  const kind = at === -1 && !isShort ? "amount" : read;
  return { kind, marks: sentence, quoting: quotingAsked(sentence, kind), unit: unitOf(words) };
}

/** "Drawing $1,600 a month, when will he run out?": behind the last comma that a verb of asking follows. */
function clauseThatAsks(sentence: readonly Mark[]): number {
  if (sentence.at(-1)?.word !== "?") return -1;
  const comma = sentence.findLastIndex(
    ({ word }, at) => /^[,:;–—-]$/.test(word) && OPENS_CLAUSE.test(sentence[at + 1]?.word ?? ""),
  );
  return comma === -1 ? -1 : comma + 1;
}

/** "As a yearly % (compounded once a year), how good is that?" */
function isPercentAsked(sentence: readonly Mark[]): boolean {
  return sentence.some(({ word, quantity }) => word === "%" && quantity === undefined);
}

/**
 * "How much simple interest does £3,000 earn?": how it is quoted is a part of the question. "By how much does it grow?"
 * asks for the same.
 */
function isInterestAsked(sentence: readonly Mark[]): boolean {
  const isEarned =
    sentence.some(({ quantity }) => quantity?.is === "percent") &&
    / what (?:simple |compound )?interest (?:does|do|did|will|would|has|have) /.test(
      wordsOf(sentence),
    );
  return (
    isEarned ||
    / how much (?:simple|compound) interest | by how much (?:does|do|did|will|would) (?:\S+ ){1,4}?(?:grow|increase) (?!by |each |every )/.test(
      wordsOf(sentence),
    )
  );
}

function unitOf(words: string): string | null {
  const unit = / (years|months|weeks|days|quarters|fortnights|half-years) /.exec(words)?.[1];
  const units: Readonly<Record<string, string>> = {
    years: "P1Y",
    months: "P1M",
    weeks: "P1W",
    days: "P1D",
    quarters: "P3M",
    fortnights: "P2W",
    "half-years": "P6M",
  };
  return unit === undefined ? null : (units[unit] ?? null);
}

/** "I save 150 a month", "a half-yearly coupon": no rate is told or asked by it. */
function isPaidSo(sentence: readonly Mark[], at: number): boolean {
  const before = sentence[at - 1]?.quantity?.is;
  const isPaid = before === "money" || before === "number";
  const kind = sentence[at]?.phrase?.kind;
  // "If payments are at month-end."
  if (kind === "timing") return true;
  return kind === "every" && (isPaid || PAYMENT_NOUN.test(sentence[at + 1]?.word ?? ""));
}

/** "What nominal rate compounded monthly", "which continuously compounded yearly rate", "what rate per week". */
function quotingAsked(sentence: readonly Mark[], kind: AskKind): Quoting {
  if (kind !== "rate" && kind !== "convert") return {};
  // "What was the rate if it was simple?"
  const isSimple = / simple (?:[,.;?)]|$)/.test(wordsOf(sentence));
  return Object.assign(
    isSimple ? { as: "simple" } : {},
    ...sentence
      .filter(({ phrase }, at) => phrase !== undefined && !isPaidSo(sentence, at))
      .map(quotingOf),
  ) as Quoting;
}
