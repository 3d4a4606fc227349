import type { SettledTimeline } from "@kestrelmoor/core";
import { setFocalDate } from "@kestrelmoor/core/typing";
import { useDocument } from "../document/document-context";
import { keptBeside } from "../document/kept-beside";
import { timeTyped } from "./timeline-words";

const useKept = keptBeside((): { readonly years: number | null } => ({ years: null }));

/** The date to which somebody has moved the handle; `null` before that. The workings follow it. */
export function useWishedFocal(): number | null {
  return useKept()[0].years;
}

/**
 * The date at which everything is set against each other, in years from today. Where the answer depends on it, it is
 * the problem's own, and to move it changes the problem; elsewhere it only looks.
 */
export function useFocalDate(
  settled: Pick<SettledTimeline, "focal"> | null,
): readonly [number, (years: number) => void] {
  const store = useDocument();
  const [looked, look] = useKept();
  const own = settled?.focal ?? null;
  if (own === null) return [looked.years ?? 0, (years) => look({ years })];
  return [
    own,
    (years) => {
      const { draft, outcome } = store.getState();
      // A value that is asked for has its own date.
      if (draft.ask !== null) return;
      store.edit(
        (writable) => setFocalDate(writable, timeTyped(years, outcome.reading.calendar)),
        "focal",
      );
    },
  ];
}
