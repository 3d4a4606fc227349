import type { AnswerFormat } from "@kestrelmoor/core";
import { JUDGING_FIELDS, readAppraisal } from "@kestrelmoor/core/typing";
import { useDocumentState } from "../../document/document-context";
import { EntryText } from "../../lines/EntryText";
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
  const { budget } = readAppraisal(typed);
  const amount = budget.state === "value" ? budget.value : null;
  return (
    <p className={styles.budget}>
      Capital rationing: with a budget of{" "}
      <EntryText
        of="appraisal"
        name="budget"
        field={JUDGING_FIELDS.budget}
        text={typed.budget}
        reading={budget}
        write={({ appraisal }, text) => (appraisal.budget = text)}
      />{" "}
      today{amount === null ? "." : ", "}
      <span aria-live="polite">{amount !== null && budgetVerdict(contenders, amount, format)}</span>
    </p>
  );
}
