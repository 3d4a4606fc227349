import type { TimesSaid } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useDocumentState } from "./document-context";

/** By what a time is read that is typed beside the open problem: as on its lines. */
export function useTimesSaid(): TimesSaid {
  const calendar = useDocumentState(({ outcome }) => outcome.reading.calendar);
  const { dayCount, dateOrder } = useDocumentState(({ draft }) => draft.conventions);
  return useMemo(() => ({ calendar, dayCount, dateOrder }), [calendar, dayCount, dateOrder]);
}
