import { useAnswerFormat } from "../../answer/use-answer-format";
import { CopyMenu } from "./CopyMenu";
import type { WorkingsParts } from "./parts";
import { useWorkingsStyle } from "./workings-choice";
import { WorkingsChoices } from "./WorkingsChoices";
import styles from "./Workings.module.css";

/** How the workings are written, and the ways to take them along. */
export function WorkingsTools({ parts }: { readonly parts: WorkingsParts }) {
  const choice = useWorkingsStyle();
  const format = useAnswerFormat();
  const sections = parts.map(({ question, made, before }) => ({
    heading: question,
    steps: made.steps,
    first: before + 1,
  }));
  return (
    <div className={styles.tools}>
      <p className={styles.sentence}>
        <WorkingsChoices verb="Show" hasBalances={parts.some(({ isOfBalance }) => isOfBalance)} />
      </p>
      <CopyMenu
        sections={sections}
        style={{ ...choice, format }}
        what="The workings are"
        name="Copy the workings"
      />
    </div>
  );
}
