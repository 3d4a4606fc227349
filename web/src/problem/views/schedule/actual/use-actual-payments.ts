import type { ActualPayments } from "@kestrelmoor/core/typing";
import { LONGEST_LIST_FIELD } from "@kestrelmoor/core/typing";
import { useDocument, useDocumentState } from "../../../document/document-context";
import { keptBeside } from "../../../document/kept-beside";

/** A list too long for a problem is compared all the same, until the page is closed. */
const useTooLong = keptBeside((): { readonly list: ActualPayments | null } => ({ list: null }));

/** The payments that were really made, kept with the problem, and the ways to change them. */
export function useActualPayments() {
  const store = useDocument();
  const kept = useDocumentState(({ draft }) => draft.schedule.actual);
  const [{ list }, setTooLong] = useTooLong();
  const actual = list ?? kept;
  const isKept = list === null;

  const put = (next: ActualPayments | null, field?: string) => {
    const isTooLong = next !== null && next.text.length > LONGEST_LIST_FIELD;
    setTooLong({ list: isTooLong ? next : null });
    if (isTooLong) return;
    store.edit(({ schedule }) => {
      schedule.actual = next;
    }, field);
  };
  return {
    actual,
    isKept,
    open: (file: string, text: string) => put({ file: file.slice(0, 200), text, chosen: {} }),
    type: (text: string) =>
      put(text === "" ? null : { file: "", chosen: {}, ...actual, text }, "actual-payments"),
    leave: () => store.settle(),
    choose: (part: ActualPayments["chosen"]) => {
      if (actual !== null) put({ ...actual, chosen: { ...actual.chosen, ...part } });
    },
    /** Other columns are other columns: what was chosen about them is told anew. */
    partBy: (separator: NonNullable<ActualPayments["chosen"]["separator"]>) => {
      if (actual !== null) put({ ...actual, chosen: { separator } });
    },
    remove: () => put(null),
  };
}
