import { labelsOf } from "@kestrelmoor/core/typing";
import { useEffect } from "react";
import type { QuestionStore } from "../document/document-store";

/** The open part stands in the address, so that it is there after a reload; the first one needs no word. */
export function usePartInAddress(question: QuestionStore): void {
  useEffect(() => {
    const wanted = new URLSearchParams(location.search).get("part");
    const { draft } = question.getState();
    if (wanted !== null && labelsOf(draft).includes(wanted)) question.open(wanted);
    return question.subscribe(({ open, draft: now }, before) => {
      if (open !== before.open) writeInAddress(open === now.part.label ? null : open);
    });
  }, [question]);
}

/** The router's own state stays with the entry; it needs to know nothing of parts. */
function writeInAddress(label: string | null): void {
  const address = new URL(location.href);
  if (label === null) address.searchParams.delete("part");
  else address.searchParams.set("part", label);
  history.replaceState(history.state, "", address);
}
