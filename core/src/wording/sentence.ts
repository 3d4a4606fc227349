import type { IssueCode, IssueOf } from "../engine/issues/issue";
import type { AnswerFormat } from "./answer-format";

/** A message for each issue, made from its facts. */
export type Sentences = {
  readonly [Code in IssueCode]: (found: IssueOf<Code>, format: AnswerFormat) => string;
};
