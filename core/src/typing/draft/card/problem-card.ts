import { sentenceOf } from "../../../wording/sentences";
import { answerSentence, answerText } from "../../../wording/answer-sentence";
import { USUAL_FORMAT, type AnswerFormat } from "../../../wording/answer-format";
import { NO_COMPARISON, PLAIN_APPRAISAL, PLAIN_HAND_IN, type Draft, type FlowLine } from "../draft";
import { PLAIN_SCHEDULE } from "../draft-schedule";
import type { PartReading } from "../parts/read-parts";

/** What a notebook shows of a problem: enough for its small timeline and its answer. */
export interface ProblemCard {
  /** Its lines alone; the amounts of a very long list are cut off. Never a text to save. */
  readonly draft: Draft;
  /** The answer, if the lines are cut off, and the answers of several parts; `null` if it can be found from them. */
  readonly told: string | null;
}

/** Longer cards are cut, so that a page of the notebook stays small whatever is in it. */
const LONGEST_CARD = 12_000;
/** How much of a list, a label or a field is left then, and how many lines. */
const LEFT = { list: 300, lines: 12 };

/**
 * @param parts what the parts of the draft were read to
 * Accuracy: the answer that is told is that of `answerText`, in the number format of the problem.
 */
export function problemCard(draft: Draft, parts: readonly PartReading[]): ProblemCard {
  const lines: Draft = {
    ...draft,
    question: "",
    also: [],
    typedBefore: [],
    sums: [],
    variants: [],
    schedule: { ...PLAIN_SCHEDULE, firstDate: draft.schedule.firstDate },
    comparison: NO_COMPARISON,
    appraisal: PLAIN_APPRAISAL,
    confirmed: [],
    workings: null,
    handIn: PLAIN_HAND_IN,
    later: [],
  };
  const isLong = JSON.stringify(lines).length > LONGEST_CARD;
  const [first] = parts;
  const format = draft.answerFormat ?? USUAL_FORMAT;
  return {
    draft: isLong ? cut(lines) : lines,
    told:
      parts.length > 1
        ? parts.map((part) => `(${part.draft.part.label}) ${briefAnswer(part, format)}`).join(" · ")
        : isLong && first !== undefined
          ? toldAnswer(first, format)
          : null,
  };
}

function briefAnswer({ solved }: PartReading, format: AnswerFormat): string {
  if (solved === null) return "–";
  const { value } = answerSentence(solved, format);
  // A bare number of payments would be taken for money.
  return solved.answers[0].unit === "payments" ? `${value} payments` : value;
}

function cut(draft: Draft): Draft {
  return {
    ...draft,
    rates: draft.rates.slice(0, LEFT.lines),
    flows: draft.flows
      .filter(({ kind }) => kind !== "kept")
      .slice(0, LEFT.lines)
      .map(cutList),
  };
}

function cutList(line: FlowLine): FlowLine {
  switch (line.kind) {
    case "list":
      return { ...line, amounts: cutText(line.amounts) };
    case "dated":
      return { ...line, entries: cutText(line.entries) };
    default:
      return line;
  }
}

/** The beginning of a list, up to the end of an entry. */
function cutText(text: string): string {
  if (text.length <= LEFT.list) return text;
  const start = text.slice(0, LEFT.list);
  return start.slice(0, Math.max(0, start.search(/[^\n,;\s]*$/))).trimEnd();
}

function toldAnswer({ reading, result }: PartReading, format: AnswerFormat): string {
  if (result?.ok === true) return answerText(result.value, format);
  const [first] = result?.ok === false ? result.issues : reading.issues;
  return first === undefined ? "" : sentenceOf(first, format);
}
