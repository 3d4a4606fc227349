import {
  addAmount,
  addDated,
  addList,
  addRateChange,
  addStream,
  askForWorth,
  type Draft,
} from "@kestrelmoor/core/typing";
import { memo } from "react";
import { LateDropdown } from "../../ui/LateDropdown";
import { useDocument, useDocumentState } from "../document/document-context";
import { focusAfterMenu } from "../../ui/focus";
import { fieldId } from "./field-id";
import { WordButton } from "../../ui/Buttons";

/** Each kind of line that can be added, and the field of it to go to. */
const ADDED: Readonly<
  Record<string, { add: (draft: Draft) => { readonly id: string } | null; field: string }>
> = {
  amount: { add: addAmount, field: "amount" },
  stream: { add: addStream, field: "amount" },
  list: { add: addList, field: "amounts" },
  dated: { add: addDated, field: "entries" },
  rate: { add: addRateChange, field: "percent" },
};

/** Adds a line and goes to it. */
export const AddLine = memo(function AddLine() {
  const store = useDocument();
  const isAsking = useDocumentState((state) => state.draft.ask !== null);
  const add = (key: string) => {
    let target = fieldId("ask", "worth-at");
    store.edit((draft) => {
      const line = ADDED[key]?.add(draft);
      if (line === undefined) askForWorth(draft);
      else if (line !== null) target = fieldId(line.id, ADDED[key]?.field ?? "");
    });
    focusAfterMenu(target);
  };
  return (
    <LateDropdown
      menu={{
        onClick: ({ key }) => add(key),
        items: [
          { key: "amount", label: "A single amount" },
          { key: "stream", label: "Repeated payments (an annuity)" },
          { key: "list", label: "Uneven cash flows" },
          { key: "dated", label: "Cash flows on calendar dates" },
          { key: "rate", label: "A rate change" },
          { key: "worth", label: "A question: what is the net value?", disabled: isAsking },
        ],
      }}
    >
      <WordButton>Add a line</WordButton>
    </LateDropdown>
  );
});
