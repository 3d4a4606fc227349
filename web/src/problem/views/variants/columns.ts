import {
  followUpWords,
  sentenceOf,
  shownNumber,
  writeFigure,
  writeMoney,
  writeRate,
  type Answer,
  type AnswerFormat,
  type FieldName,
} from "@kestrelmoor/core";
import {
  draftOfVariant,
  fieldName,
  fieldsOf,
  fieldText,
  marksUnknown,
  namedFigures,
  workOutSums,
  type Draft,
  type Variant,
  type PartPlace,
} from "@kestrelmoor/core/typing";
import { copyText } from "../../answer/companions";
import { furtherAnswers } from "../../answer/further-answers";
import { sumText } from "../../answer/sum-text";
import { missingWords } from "../../answer/missing-words";
import { outcomeOf, type Outcome } from "../../document/outcome";

/** One telling of the problem in figures; the first column is the problem itself. */
export interface Column {
  readonly answer: string | null;
  /** Why there is no answer. */
  readonly complaint: string | null;
  /** By how much the answer differs from the problem's own, and in percent of it. */
  readonly difference: string | null;
  readonly percent: string | null;
  /** What the money earned or cost, where it is told. */
  readonly interest: string | null;
  /** One for each calculation of the problem. */
  readonly sums: readonly (string | null)[];
  /** One for each follow-up of the problem. */
  readonly further: readonly (string | null)[];
}

/** The columns of a comparison: the problem itself, then each variant. */
export function columnsOf(draft: Draft, base: Outcome, format: AnswerFormat): Column[] {
  const own = answerOf(base);
  return [base, ...outcomesOfVariants(draft, base.place)].map((outcome, index) => {
    const answer = answerOf(outcome);
    return {
      answer: answer === null ? null : copyText(answer, format),
      complaint: answer === null ? complaintOf(outcome, format) : null,
      ...(index === 0 || own === null || answer === null
        ? { difference: null, percent: null }
        : differences(own, answer, format)),
      interest: interestOf(outcome, format),
      sums: sumsOf(draft, outcome, format),
      further: furtherAnswers(outcome).map((value) =>
        value === undefined ? null : value === null ? "none" : writeMoney(value, format),
      ),
    };
  });
}

/** A row of figures under the answers; empty cells where a column has none. */
export interface FigureRow {
  readonly name: string;
  readonly figures: readonly (string | null)[];
}

/** What stands under the answers: differences, interest, calculations and follow-up questions, if there are any. */
export function figureRows(
  draft: Draft,
  { problem, reading }: Outcome,
  columns: readonly Column[],
  format: AnswerFormat,
): FigureRow[] {
  const row = (name: string, figureOf: (column: Column) => string | null | undefined) => ({
    name,
    figures: columns.map((column) => figureOf(column) ?? null),
  });
  return [
    row("Difference", ({ difference }) => difference),
    row("as a percentage", ({ percent }) => percent),
    row("Interest", ({ interest }) => interest),
    ...draft.sums.map(({ text }, place) =>
      row(text.trim() === "" ? "Calculation" : text, ({ sums }) => sums[place]),
    ),
    ...reading.also.flatMap(({ question }, place) =>
      question === null || problem === null
        ? []
        : [row(followUpWords(question, problem, format), ({ further }) => further[place])],
    ),
  ].filter(({ figures }) => figures.some((figure) => figure !== null));
}

/** @param place where the part stands in its question */
export function outcomesOfVariants(draft: Draft, place: PartPlace): Outcome[] {
  return draft.variants.map((variant) => outcomeOf(draftOfVariant(draft, variant), place));
}

export function answerOf({ solved }: Outcome): Answer | null {
  return solved?.answers[0] ?? null;
}

export function complaintOf({ reading, result }: Outcome, format: AnswerFormat): string {
  return result === null || result.ok
    ? missingWords(reading.issues, format)
    : result.issues.map((issue) => sentenceOf(issue, format)).join(" ");
}

function sumsOf({ sums }: Draft, { solved }: Outcome, format: AnswerFormat) {
  if (sums.length === 0 || solved === null) return sums.map(() => null);
  return workOutSums(sums, namedFigures(solved)).map((worked) =>
    worked.ok ? sumText(worked.value, format) : null,
  );
}

function interestOf({ solved }: Outcome, format: AnswerFormat): string | null {
  const interest = solved?.facts.interest;
  return interest === undefined ? null : writeMoney(interest, format);
}

/** An answer as the problem's own is reckoned: what goes the other way lies on the other side of zero. */
export function valueAgainst(base: Answer, { value, direction }: Answer): number {
  return direction === base.direction ? value : -value;
}

function differences(
  base: Answer,
  answer: Answer,
  format: AnswerFormat,
): Pick<Column, "difference" | "percent"> {
  const { unit } = answer;
  const by = valueAgainst(base, answer) - base.value;
  const percent = (by / Math.abs(base.value)) * 100;
  // The difference is that of the figures that stand beside it.
  const shown =
    shownAs(unit, valueAgainst(base, answer), format) - shownAs(unit, base.value, format);
  return {
    difference: withSign(shown, differenceIn(unit, Math.abs(shown), format)),
    percent: Number.isFinite(percent)
      ? withSign(
          percent,
          writeRate(Math.abs(percent), { ...format, rate: "percent", rateDecimals: 2 }),
        )
      : null,
  };
}

/** An answer as the columns show it, as a number. */
function shownAs(unit: Answer["unit"], value: number, format: AnswerFormat): number {
  switch (unit) {
    case "money":
      return shownNumber(value, format);
    case "percent":
      return shownNumber(value, format, format.rateDecimals);
    default:
      return shownNumber(value, format, 6);
  }
}

function differenceIn(unit: Answer["unit"], by: number, format: AnswerFormat): string {
  switch (unit) {
    case "money":
      return writeMoney(by, format);
    case "percent":
      return `${writeFigure(by, format, format.rateDecimals)} points`;
    default:
      return `${writeFigure(by, format, 6)} ${unit}`;
  }
}

/** A difference says which way it goes, except where it is none. */
function withSign(value: number, text: string): string {
  if (!/[1-9]/.test(text)) return text;
  return `${value < 0 ? "−" : "+"}${text}`;
}

/** A row of the comparison: one fact, as the problem has it. */
export interface FactRow {
  readonly line: string;
  readonly fact: FieldName;
  readonly name: string;
  readonly text: string;
  /** Of a choice between a few words: all of them. */
  readonly options: readonly string[] | undefined;
}

/** Every fact that a variant may have otherwise: all but the unknown. */
export function variableFacts(draft: Draft): FactRow[] {
  const rows = fieldsOf(draft)
    .filter(({ text }) => !marksUnknown(text))
    .map((field) => ({
      line: field.line,
      fact: field.name,
      name: fieldName(draft, field),
      text: field.text,
      options: field.words.options,
    }));
  // Hardly anybody turns the money round; amounts and times come first.
  const isTurn = ({ fact }: FactRow) => fact === "direction";
  return [...rows.filter((row) => !isTurn(row)), ...rows.filter(isTurn)];
}

/** The facts that some variant has otherwise; what it says as the problem does is no difference. */
export function differingFacts(draft: Draft): FactRow[] {
  return variableFacts(draft).filter((row) =>
    draft.variants.some((one) => changeIn(one, row) !== null),
  );
}

/** A fact as the problem says it and as each variant does, after its name. */
export function factTexts(draft: Draft, row: FactRow): string[] {
  const { line, fact, name, text } = row;
  return [
    name,
    ...[text, ...draft.variants.map((one) => changeIn(one, row)?.trim() ?? text)].map((said) =>
      fieldText(draft, line, fact, said),
    ),
  ];
}

/** What a variant says of a fact, where it says anything else than the problem. */
export function changeIn({ changes }: Variant, { line, fact, text }: FactRow): string | null {
  const said = changes.find((change) => change.line === line && change.fact === fact)?.text;
  return said === undefined || said === text ? null : said;
}

/** What a variant is called: by its own name, or by what it says otherwise. */
export function nameOfVariant(draft: Draft, { name, changes }: Variant): string {
  if (name !== "") return name;
  const words = changes.map(({ line, fact, text }) =>
    fieldText(draft, line, fact as FieldName, text.trim()),
  );
  return words.length === 0 ? "no change" : words.join(", ").slice(0, 60);
}
