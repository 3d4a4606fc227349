import { followUpWords, sentenceOf, type Problem, type AnswerFormat } from "@kestrelmoor/core";
import type { Draft } from "@kestrelmoor/core/typing";
import { furtherAnswers } from "../../answer/further-answers";
import type { Outcome } from "../../document/outcome";
import type { FigureTable } from "../figure-table";
import { accountOf } from "../schedule/account-of";
import { scheduleFigures } from "../schedule/schedule-figures";
import {
  answerOf,
  complaintOf,
  differingFacts,
  factTexts,
  nameOfVariant,
  outcomesOfVariants,
  valueAgainst,
} from "../variants/columns";

/** A table to save, or why there is none. */
export type SavedTable =
  | { readonly ok: true; readonly table: FigureTable }
  | { readonly ok: false; readonly sentence: string };

/** Every payment of a stream with what it does to the balance, unrounded as the workings are. */
export function scheduleTable(problem: Problem, format: AnswerFormat): SavedTable {
  const stream = problem.flows.find(({ kind }) => kind === "stream");
  const found = accountOf(problem, stream?.id ?? "", { rounding: "none" });
  return found.ok
    ? { ok: true, table: scheduleFigures(found.account, null) }
    : { ok: false, sentence: found.issues.map((issue) => sentenceOf(issue, format)).join(" ") };
}

/** The problem and its variants side by side: the facts that differ, and what comes of them. */
export function variantsTable(draft: Draft, base: Outcome, format: AnswerFormat): FigureTable {
  const { variants } = draft;
  const outcomes = [base, ...outcomesOfVariants(draft, base.place)];
  const own = answerOf(base);
  const facts = differingFacts(draft);
  const answers = outcomes.map((outcome) => {
    const answer = answerOf(outcome);
    if (answer === null) return complaintOf(outcome, format);
    return own === null ? answer.value : valueAgainst(own, answer);
  });
  const factRows = facts.map((row) => factTexts(draft, row));
  const differences = answers.map((answer) =>
    own === null || typeof answer === "string" ? null : answer - own.value,
  );
  const further = base.reading.also.flatMap(({ question }, place) =>
    question === null || base.problem === null
      ? []
      : [
          [
            followUpWords(question, base.problem, format),
            ...outcomes.map((outcome) => furtherAnswers(outcome)[place] ?? null),
          ],
        ],
  );
  return {
    heads: ["", "This problem", ...variants.map((variant) => nameOfVariant(draft, variant))],
    rows: [
      ...factRows,
      ["Answer", ...answers],
      ["Difference", null, ...differences.slice(1)],
      ["Interest", ...outcomes.map(({ solved }) => solved?.facts.interest ?? null)],
      ...further,
    ],
  };
}
