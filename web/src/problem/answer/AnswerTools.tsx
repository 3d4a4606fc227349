import { addSum } from "@kestrelmoor/core/typing";
import { lazy, Suspense, useState } from "react";
import { useDocument } from "../document/document-context";
import { fieldId, focusField } from "../lines/field-id";
import { useView } from "../views/view-choice";
import { AskFurther } from "./AskFurther";
import styles from "./Answer.module.css";

const FormatDialog = lazy(() => import("./FormatDialog"));

/** What can be done with an answer. */
export function AnswerTools() {
  const store = useDocument();
  const { open } = useView();
  const [isFormatOpen, setFormatOpen] = useState(false);
  const addSideSum = () => {
    let id = "";
    store.edit((draft) => (id = addSum(draft)?.id ?? ""));
    setTimeout(() => focusField(fieldId(id, "sum")), 0);
  };
  return (
    <div className={styles.tools}>
      <AskFurther />
      <button type="button" className="quiet-button" onClick={addSideSum}>
        Add a calculation
      </button>
      <button
        type="button"
        className="quiet-button"
        onClick={() => {
          open("variants");
          document.getElementById("views")?.scrollIntoView({ block: "nearest" });
        }}
      >
        Compare variants
      </button>
      <button type="button" className="quiet-button" onClick={() => setFormatOpen(true)}>
        Number format{" "}
      </button>
      {isFormatOpen && (
        <Suspense>
          <FormatDialog onClose={() => setFormatOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
