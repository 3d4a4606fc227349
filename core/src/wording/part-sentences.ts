import type { FigureUnit } from "../engine/fields/figure-unit";
import { writeRate } from "./answer-format";
import type { Sentences } from "./sentence";

const UNIT_NAMES: Readonly<Record<FigureUnit, string>> = {
  money: "an amount",
  percent: "a rate",
  payments: "a number of payments",
  years: "a time",
};

/** What is said where one part of a question refers to another. */
export const PART_SENTENCES = {
  "part-label-twice": ({ label }) =>
    `There are two parts (${label}). Give one of them another label.`,
  "part-missing": ({ label }) =>
    `This refers to part (${label}), but there is no such part. Type a number, or refer to another part.`,
  "part-refers-to-itself": ({ label }) =>
    `Part (${label}) refers to its own answer. Refer to an earlier part, or type a number.`,
  "part-refers-ahead": ({ label }) =>
    `Part (${label}) comes later, so its answer is not known yet. Refer to an earlier part, or move part (${label}) up.`,
  "part-follow-up-missing": ({ label, follow }) =>
    `Part (${label}) has no follow-up ${follow + 1}. Ask it there, or refer to another answer.`,
  "part-waits": ({ label }) => `This waits for the answer of part (${label}).`,
  "part-answers-several": ({ label, answers }, format) =>
    `Part (${label}) has ${answers.length} answers: ${answers.map((answer) => writeRate(answer, format)).join(", ")}. Choose one of them.`,
  "part-solution-missing": ({ label, count }) =>
    `Part (${label}) has only ${count} ${count === 1 ? "answer" : "answers"}. Choose one of them.`,
  "part-follow-up-without-answer": ({ label, follow }) =>
    `Follow-up ${follow + 1} of part (${label}) has no answer. Refer to another answer.`,
  "follow-up-missing": ({ follow }) =>
    `Follow-up ${follow + 1} is not asked here, or has no answer. Choose another one.`,
  "part-has-no": ({ label, words }) =>
    words === ""
      ? `What of part (${label})? Type “answer of (${label})”, or the name of a line there.`
      : `Part (${label}) has no “${words}”. Type “answer of (${label})”, or the name of a line there.`,
  "part-other-unit": ({ label, unit, wanted }) =>
    `That is ${UNIT_NAMES[unit]} in part (${label}), and ${UNIT_NAMES[wanted]} belongs here. Refer to something else, or type a number.`,
} satisfies Partial<Sentences>;
