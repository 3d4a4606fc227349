import { answerFormatSchema, USUAL_FORMAT, type AnswerFormat } from "@kestrelmoor/core";
import { ownChoice } from "../../ui/own-choice";
import { useDocumentStateIfOpen } from "../document/document-context";

/** The number format of this person, for problems without their own; kept in this browser. */
export const useOwnFormat = ownChoice(
  "kestrelmoor-answer-format",
  answerFormatSchema,
  USUAL_FORMAT,
);

/** The number format of the open problem; on a page without a problem, the person's own. */
export function useAnswerFormat(): AnswerFormat {
  const own = useOwnFormat((state) => state.own);
  return useDocumentStateIfOpen(({ draft }) => draft.answerFormat) ?? own;
}
