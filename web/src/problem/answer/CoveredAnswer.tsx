import { WordButton } from "../../ui/Buttons";
import { useView } from "../views/view-choice";
import styles from "./Answer.module.css";
import { useCover } from "./covered";

/** In place of the answer, for somebody who wants to find it first. */
export function CoveredAnswer() {
  const { cover } = useCover();
  const { open } = useView();
  const mark = () => {
    open("mark");
    document.getElementById("views")?.scrollIntoView({ block: "nearest" });
  };
  return (
    <>
      <p className={styles.lead}>{COVERED}</p>
      <div className={styles.choices}>
        <WordButton onClick={mark}>Type my answer</WordButton>
        <WordButton onClick={() => cover(false)}>Show the answer</WordButton>
      </div>
    </>
  );
}

export const COVERED = "The answer is covered. It appears once you have typed yours.";
