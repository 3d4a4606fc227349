import { firstPaymentDate, type SolvedProblem } from "@kestrelmoor/core";
import { readDate, type DateOrder } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useDocumentState } from "../../document/document-context";

/** The date of the first payment, ISO 8601, as it is typed; `null` while it is none. */
export function dateIn(typed: string, order: DateOrder): string | null {
  const date = readDate(typed, order);
  return date?.ok === true ? date.value : null;
}

/** The date of the first payment that the problem itself says, as it does where today has a date. */
export function datedByProblem({ problem, flows }: SolvedProblem, id: string): string | null {
  const own = flows.find(({ file }) => file.id === id);
  return own?.kind === "stream" ? firstPaymentDate(problem, own.file, own.settled.begins) : null;
}

/** The date of the first payment, ISO 8601: what is typed, else what the problem says; `null` where nothing does. */
export function useFirstDate(solved: SolvedProblem, flow: string): string | null {
  const typed = useDocumentState(({ draft }) => draft.schedule.firstDate);
  const order = useDocumentState(({ draft }) => draft.conventions.dateOrder);
  return useMemo(
    () => (typed.trim() === "" ? datedByProblem(solved, flow) : dateIn(typed, order)),
    [typed, order, solved, flow],
  );
}
