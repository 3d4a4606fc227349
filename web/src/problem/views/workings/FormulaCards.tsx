import type { SolvedProblem } from "@kestrelmoor/core";
import { formulaCards, type FormulaCard } from "@kestrelmoor/core/teaching";
import { useId, useMemo, useState } from "react";
import { TurnButton } from "../../../ui/Buttons";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { CopyMenu } from "./CopyMenu";
import { PlainSteps } from "./PlainSteps";
import { useWorkingsStyle } from "./workings-choice";
import styles from "./Workings.module.css";

/** The formulas that the problem uses, as they stand on a course's formula sheet. */
export function FormulaCards({ solved }: { readonly solved: SolvedProblem }) {
  const format = useAnswerFormat();
  const cards = useMemo(() => formulaCards(solved, format), [solved, format]);
  return (
    <ul className={styles.cards} aria-label="Formulas">
      {cards.map((card) => (
        <Card key={card.formula} card={card} />
      ))}
    </ul>
  );
}

function Card({ card: { name, steps } }: { readonly card: FormulaCard }) {
  const [isOpen, setOpen] = useState(false);
  const id = useId();
  const format = useAnswerFormat();
  const choice = useWorkingsStyle();
  return (
    <li>
      <TurnButton
        isOpen={isOpen}
        aria-controls={isOpen ? id : undefined}
        onClick={() => setOpen(!isOpen)}
      >
        Formula: {name}
      </TurnButton>
      {isOpen && (
        <div id={id} className={styles.card}>
          <PlainSteps of={name} steps={steps} isUnnumbered />
          <CopyMenu
            name="Copy this formula"
            what="The formula is"
            sections={[{ heading: null, steps, first: 1 }]}
            style={{ ...choice, format }}
          />
        </div>
      )}
    </li>
  );
}
