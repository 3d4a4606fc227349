import {
  formatYears,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
  type FigureUnit,
} from "@kestrelmoor/core";
import { offeredBy, type Offered } from "@kestrelmoor/core/typing";
import { WordButton } from "../../ui/Buttons";
import { useAnswerFormat } from "../answer/use-answer-format";
import { useDocumentState } from "../document/document-context";
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
          <span>{figureOf(one, format)}</span>
        </li>
      ))}
    </ul>
  );
}

function figureOf({ unit, value }: Offered, format: AnswerFormat): string {
  switch (unit) {
    case "money":
      return writeMoney(value, format);
    case "percent":
      return writeRate(value, format);
    case "years":
      return formatYears(value, format, 4);
    case "payments":
      return `${writeFigure(value, format, 2)} payments`;
  }
}
