import {
  MEASURE_NAMES,
  MEASURES,
  measureWords,
  type AppraisalSubject,
  type Measure,
} from "@kestrelmoor/core";
import { useState } from "react";
import { MarkFigure } from "./MarkFigure";
import { useOpenMeasures } from "./open-measures";
import { MeasureWorkings } from "./MeasureWorkings";
import { TurnButton } from "../../../ui/Buttons";
import styles from "./Appraisal.module.css";

/** Every measure with its figure and what it says; its workings open under it. */
export function MeasureList({ subject }: { readonly subject: AppraisalSubject }) {
  const [{ open }, change] = useOpenMeasures();
  const turn = (measure: Measure) => {
    const next = new Set(open);
    if (!next.delete(measure)) next.add(measure);
    change({ open: next });
  };
  return (
    <>
      <ul className={styles.measures} aria-label="What each measure means">
        {MEASURES.map((measure) => (
          <MeasureItem
            key={measure}
            measure={measure}
            subject={subject}
            isOpen={open.has(measure)}
            onTurn={() => turn(measure)}
          />
        ))}
      </ul>
      {open.size > 0 && <p className="quiet">Open measures also appear on the hand-in sheet.</p>}
    </>
  );
}

interface MeasureItemProps {
  readonly measure: Measure;
  readonly subject: AppraisalSubject;
  readonly isOpen: boolean;
  readonly onTurn: () => void;
}

function MeasureItem({ measure, subject, isOpen, onTurn }: MeasureItemProps) {
  const { figure, says, misleads, isMisleading } = measureWords(measure, subject);
  const name = MEASURE_NAMES[measure];
  const [id] = useState(() => `measure-${measure}`);
  return (
    <li className={styles.measure}>
      <h3 className={styles.name}>
        <TurnButton
          isOpen={isOpen}
          aria-controls={id}
          title={isOpen ? "Close the workings" : "How it is calculated, and its limits"}
          onClick={onTurn}
        >
          {name}
        </TurnButton>
      </h3>
      <p className={styles.figure}>{figure ?? "none"}</p>
      <div className={styles.says}>
        <p>{says}</p>
        {isMisleading && <p className={styles.misleads}>{misleads}</p>}
      </div>
      <div id={id} className={styles.more}>
        {isOpen && (
          <>
            {!isMisleading && <p className="quiet">{misleads}</p>}
            <MarkFigure measure={measure} subject={subject} />
            <MeasureWorkings measure={measure} subject={subject} />
          </>
        )}
      </div>
    </li>
  );
}
