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
import { useDocumentState } from "../document/document-context";
import { WordButton } from "../../ui/Buttons";
import { useAdding } from "./use-adding";

interface Added {
  readonly adds: (draft: Draft) => { readonly id: string } | null;
  /** The field of it that is typed in first. */
  readonly field: string;
}

/** Each kind of line that can be added. */
const ADDED: Readonly<Record<string, Added>> = {
  amount: { adds: addAmount, field: "amount" },
  stream: { adds: addStream, field: "amount" },
  list: { adds: addList, field: "amounts" },
  dated: { adds: addDated, field: "entries" },
  rate: { adds: addRateChange, field: "percent" },
  worth: { adds: addQuestion, field: "worth-at" },
};

function addQuestion(draft: Draft): { readonly id: string } {
  askForWorth(draft);
  return { id: "ask" };
}

/** Adds a line and goes to it; no key changes it. */
export const AddLine = memo(function AddLine() {
  const { addFromMenu } = useAdding();
  const isAsking = useDocumentState((state) => state.draft.ask !== null);
  const add = (key: string) => {
    const { adds, field } = ADDED[key] ?? {};
    if (adds !== undefined && field !== undefined) addFromMenu(adds, field);
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
