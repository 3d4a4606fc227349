import type { AnswerFormat } from "@kestrelmoor/core";
import { readAppraisal } from "@kestrelmoor/core/typing";
import { useDocumentState } from "../../document/document-context";
import { fieldId } from "../../lines/field-id";
import { TypedField } from "../../lines/TypedField";
import { useFieldEditing } from "../../lines/use-line-editing";
import { budgetVerdict } from "./compare-words";
import type { Contender } from "./compared";
import styles from "./Projects.module.css";

interface BudgetProps {
  readonly contenders: readonly Contender[];
  readonly format: AnswerFormat;
}

/** Capital rationing: which projects to choose within a budget. */
export function Budget({ contenders, format }: BudgetProps) {
  const typed = useDocumentState(({ draft }) => draft.appraisal);
  const { type, leave } = useFieldEditing();
  const { budget } = readAppraisal(typed);
  const amount = budget.state === "value" ? budget.value : null;
  return (
    <p className={styles.budget}>
      Capital rationing: with a budget of{" "}
      <TypedField
        id={fieldId("appraisal", "budget")}
        name="Budget"
        text={typed.budget}
        hint="40,000"
        isKnown
        reading={budget}
        onType={(text) =>
          type("appraisal-budget", ({ appraisal }) => {
            appraisal.budget = text;
          })
        }
        onLeave={leave}
      />{" "}
      today{amount === null ? "." : ", "}
      <span aria-live="polite">{amount !== null && budgetVerdict(contenders, amount, format)}</span>
    </p>
  );
}
