import { useEffect } from "react";
import { loadDropdownSoon } from "../ui/lazy-dropdown";
import { Answer } from "./answer/Answer";
import { AnswerBar } from "./answer/AnswerBar";
import { Lines } from "./lines/Lines";
import { QuestionField } from "./QuestionField";
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
      <Timeline />
      <div className={styles.halves}>
        <Lines />
        <Answer />
      </div>
      <Views />
      <AnswerBar />
    </>
  );
}
