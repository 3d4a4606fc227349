import { Fragment, useEffect } from "react";
import { loadDropdownSoon } from "../ui/lazy-dropdown";
import { PART_PANEL, PartTabs } from "./parts/PartTabs";
import { useIsOnlyPart, useQuestionState } from "./parts/use-question";
import { tabId } from "../ui/TabRow";
import { Answer } from "./answer/Answer";
import { AnswerBar } from "./answer/AnswerBar";
import { Lines } from "./lines/Lines";
import { QuestionField } from "./question/QuestionField";
import { Timeline } from "./timeline/Timeline";
import { TitleField } from "./TitleField";
import { Views } from "./views/Views";
import styles from "./ProblemPage.module.css";

/** Everything of an open problem, from its title to its views. */
export function ProblemBody() {
  useEffect(loadDropdownSoon, []);
  return (
    <>
      <div className={styles.heading}>
        <TitleField />
        <QuestionField />
      </div>
      <PartTabs />
      <Part />
    </>
  );
}

/** The part that is open; of another one nothing is left on the page, such as a menu or the focus. */
function Part() {
  const open = useQuestionState((state) => state.open);
  const isOnly = useIsOnlyPart();
  const part = (
    <Fragment key={open}>
      <Timeline />
      <div className={styles.halves}>
        <Lines />
        <Answer />
      </div>
      <Views />
      <AnswerBar />
    </Fragment>
  );
  if (isOnly) return part;
  return (
    <div id={PART_PANEL} role="tabpanel" aria-labelledby={tabId(PART_PANEL, open)}>
      {part}
    </div>
  );
}
