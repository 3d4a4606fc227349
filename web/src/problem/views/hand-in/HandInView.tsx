import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useQuestionState } from "../../parts/use-question";
import { appraisedParts } from "../appraisal/appraised-parts";
import { useOpenMeasures } from "../appraisal/open-measures";
import { useWorkingsStyle } from "../workings/workings-choice";
import { useAuthor } from "./author";
import { HandInTools } from "./HandInTools";
import { sheetContent } from "./sheet-content";
import { SheetOnScreen } from "./SheetOnScreen";
import styles from "./HandIn.module.css";

/** Formulas are costly to set; while somebody types they wait for the next pause. */
const SETS_AFTER_MS = 120;

/** The whole question, all parts of it, as a sheet to hand in, on paper or as a file. */
export function HandInView() {
  const parts = useQuestionState((state) => state.parts);
  const choice = useWorkingsStyle();
  const { author } = useAuthor();
  const format = useAnswerFormat();
  const [{ open }] = useOpenMeasures();
  const now = useMemo(() => ({ parts, author }), [parts, author]);
  const settled = useLingering(now, SETS_AFTER_MS);
  const content = useMemo(
    () =>
      sheetContent(
        settled.parts,
        { choice, format, author: settled.author, today: new Date() },
        (part) => appraisedParts(part, open, format, choice),
      ),
    [settled, choice, format, open],
  );
  if (content === null) {
    return (
      <p className={styles.empty}>
        When the problem has an answer, the hand-in sheet appears here: question, timeline, given
        values, workings and answer.
      </p>
    );
  }
  return (
    <>
      <HandInTools content={content} />
      <SheetOnScreen content={content} choice={choice} />
    </>
  );
}
