import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { judgedProject, measuredByOf, type JudgedProject, type MeasuredBy } from "./judged-project";

/** Many amounts are gone through; while somebody types, that waits for a pause. */
const JUDGES_AFTER_MS = 60;

interface Judged {
  /** `null` while a line cannot be read. */
  readonly judged: JudgedProject | null;
  readonly measuredBy: MeasuredBy;
}

/** The open problem as a project, judged by what is typed; known a moment after the typing. */
export function useJudgedProject(): Judged {
  const now = useDocumentState((state) => state.outcome);
  const { problem, solved } = useLingering(now, JUDGES_AFTER_MS);
  const appraisal = useDocumentState(({ draft }) => draft.appraisal);
  const conventions = useDocumentState(({ draft }) => draft.conventions);
  const format = useAnswerFormat();
  const judged = useMemo(
    () =>
      problem === null ? null : judgedProject(problem, solved, { appraisal, conventions }, format),
    [problem, solved, appraisal, conventions, format],
  );
  return {
    judged,
    measuredBy: judged?.ok === true ? judged.measuredBy : measuredByOf(problem, appraisal),
  };
}
