import { addAmount, addRateChange, askForWorth } from "@kestrelmoor/core";
import { Dropdown } from "antd";
import { useDocument, useDocumentState } from "../document/document-context";
import { fieldId, focusField } from "./field-id";
import styles from "./Lines.module.css";

/** Adds a line and goes to it. */
export function AddLine() {
  const store = useDocument();
  const isAsking = useDocumentState((state) => state.draft.ask !== null);
  const add = (key: string) => {
    let target = fieldId("ask", "at");
    store.edit((draft) => {
      if (key === "amount") {
        const line = addAmount(draft);
        if (line !== null) target = fieldId(line.id, "amount");
      } else if (key === "rate") {
        const line = addRateChange(draft);
        if (line !== null) target = fieldId(line.id, "percent");
      } else {
        askForWorth(draft);
      }
    });
    // The menu gives the focus back to its button as it closes; the new line takes it after that.
    setTimeout(() => focusField(target), 60);
  };
  return (
    <Dropdown
      trigger={["click"]}
      destroyOnHidden
      autoFocus
      menu={{
        onClick: ({ key }) => add(key),
        items: [
          { key: "amount", label: "An amount" },
          { key: "rate", label: "A change of rate" },
          { key: "worth", label: "The question: what is it all worth?", disabled: isAsking },
        ],
      }}
    >
      <button type="button" className={styles.add}>
        Add a line
      </button>
    </Dropdown>
  );
}
