import type { SolvedProblem } from "@kestrelmoor/core";
import { frequencyOf, paymentTime, quotationOf } from "@kestrelmoor/core";
import { readChange, type ChangeLine, type ChangeReading } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import type { ChangeOnLine } from "./changed-accounts";
import { useDocumentState } from "../../document/document-context";
import { useTimesSaid } from "../../document/use-times-said";
import { useFirstDate } from "./first-date";

export interface ReadChangeLine {
  readonly line: ChangeLine;
  readonly reading: ChangeReading;
}

/** The changes of one stream's payments, each with what it says. */
export function useChangeLines(solved: SolvedProblem, flow: string): readonly ReadChangeLine[] {
  const changes = useDocumentState(({ draft }) => draft.schedule.changes);
  const firstDate = useFirstDate(solved, flow);
  const said = useTimesSaid();
  const { problem, flows } = solved;
  return useMemo(() => {
    const own = flows.find(({ file }) => file.id === flow);
    const [rate] = problem.rates;
    if (own?.kind !== "stream" || rate === undefined) return [];
    const { file: stream, settled } = own;
    const payments = {
      first: paymentTime(settled, 0),
      frequency: frequencyOf(stream.every),
      every: stream.every,
      firstDate,
      said,
      quotation: quotationOf(rate),
    };
    return changes
      .filter((line) => line.flow === flow)
      .map((line) => ({ line, reading: readChange(line, payments) }));
  }, [changes, problem, flows, flow, firstDate, said]);
}

/** The changes that say all that they have to. */
export function changesOn(lines: readonly ReadChangeLine[]): ChangeOnLine[] {
  return lines.flatMap(({ line: { id }, reading: { change } }) =>
    change === null ? [] : [{ id, change }],
  );
}
