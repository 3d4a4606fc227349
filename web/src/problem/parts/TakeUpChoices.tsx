import type { FigureUnit } from "@kestrelmoor/core";
import { offeredBy } from "@kestrelmoor/core/typing";
import { WordButton } from "../../ui/Buttons";
import { useAnswerFormat } from "../answer/use-answer-format";
import { useDocumentState } from "../document/document-context";
import { figureWords } from "./part-words";
import styles from "./Parts.module.css";

interface TakeUpChoicesProps {
  /** What the field counts; `null` where nothing can be taken up. */
  readonly unit: FigureUnit | null;
  readonly onPick: (text: string) => void;
}

/** What a field can take up of earlier parts, each with its figure. */
export function TakeUpChoices({ unit, onPick }: TakeUpChoicesProps) {
  const before = useDocumentState(({ outcome }) => outcome.place.before);
  const format = useAnswerFormat();
  const offered = before.flatMap(offeredBy).filter((one) => one.unit === unit);
  if (offered.length === 0) return null;
  return (
    <ul className={styles.offered} aria-label="From earlier parts">
      {offered.map((one) => (
        <li key={one.text}>
          <WordButton onClick={() => onPick(one.text)}>{one.text}</WordButton>
          <span>{figureWords(one.value, one.unit, format)}</span>
        </li>
      ))}
    </ul>
  );
}
