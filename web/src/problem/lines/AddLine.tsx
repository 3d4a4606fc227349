import {
  addAmount,
  addDated,
  addList,
  addRateChange,
  addStream,
  askForWorth,
  dateToday,
  type Draft,
} from "@kestrelmoor/core/typing";
import { calendarDateWords } from "@kestrelmoor/core";
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
  today: { adds: addToday, field: "date" },
};

function addQuestion(draft: Draft): { readonly id: string } {
  askForWorth(draft);
  return { id: "ask" };
}

/** The date on which it is added, which is nearly what the question says. */
function addToday(draft: Draft): { readonly id: string } {
  const now = new Date();
  const iso = [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) =>
    String(part).padStart(2, "0"),
  );
  dateToday(draft, calendarDateWords(iso.join("-")));
  return { id: "today" };
}

/** Adds a line and goes to it; no key changes it. */
export const AddLine = memo(function AddLine() {
  const { addFromMenu } = useAdding();
  const isAsking = useDocumentState((state) => state.draft.ask !== null);
  const isDated = useDocumentState((state) => state.draft.today !== null);
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
          { key: "today", label: "A date for today", disabled: isDated },
        ],
      }}
    >
      <WordButton>Add a line</WordButton>
    </LateDropdown>
  );
});
