import {
  sentenceWhereKnown,
  type LoanChange,
  type Problem,
  type ScheduleOptions,
  type AnswerFormat,
  writeFigure,
} from "@kestrelmoor/core";
import { accountOf, type ScheduleAccount } from "./account-of";

/** A change as it stands on its line. */
export interface ChangeOnLine {
  /** Of the line. */
  readonly id: string;
  readonly change: LoanChange;
}

/** A schedule as the problem has it and as changes make it. */
export interface ChangedAccounts {
  readonly plain: ScheduleAccount;
  /** `null` where nothing is changed, or nothing that can be. */
  readonly changed: ScheduleAccount | null;
  /** What is wrong with a change, by its line: it is left out of the account. */
  readonly complaints: ReadonlyMap<string, string>;
  /** Why no change can be made. */
  readonly trouble: string | null;
}

export type FoundAccounts =
  | { readonly ok: true; readonly accounts: ChangedAccounts }
  | { readonly ok: false; readonly sentence: string };

/** Runs a schedule with every change that can be made; those that cannot are told and left out. */
export function changedAccounts(
  problem: Problem,
  flow: string,
  rounding: ScheduleOptions["rounding"],
  lines: readonly ChangeOnLine[],
  format: AnswerFormat,
): FoundAccounts {
  const plain = accountOf(problem, flow, { rounding });
  if (!plain.ok) {
    return {
      ok: false,
      sentence: plain.issues.map((issue) => sentenceWhereKnown(issue, format)).join(" "),
    };
  }
  const complaints = new Map<string, string>();
  const found = (changed: ScheduleAccount | null, trouble: string | null): FoundAccounts => ({
    ok: true,
    accounts: { plain: plain.account, changed, complaints, trouble },
  });
  for (let left = lines; left.length > 0;) {
    const changes = left.map(({ change }) => change);
    const made = accountOf(problem, flow, { rounding, changes });
    if (made.ok) {
      for (const { id, change } of left) {
        const { paymentsMade } = made.account.schedule;
        if (change.kind !== "extra" || change.fromPayment <= paymentsMade) continue;
        complaints.set(id, neverComes(change.fromPayment, paymentsMade, format));
      }
      return found(made.account, null);
    }
    const wrong = new Set<ChangeOnLine>();
    for (const own of made.issues) {
      const line = own.path[0] === "changes" ? left[Number(own.path[1])] : undefined;
      if (line === undefined) continue;
      wrong.add(line);
      complaints.set(line.id, sentenceWhereKnown(own, format));
    }
    if (wrong.size === 0)
      return found(null, made.issues.map((issue) => sentenceWhereKnown(issue, format)).join(" "));
    left = left.filter((line) => !wrong.has(line));
  }
  return found(null, null);
}

function neverComes(payment: number, last: number, format: AnswerFormat): string {
  const [later, all] = [payment, last].map((number) => writeFigure(number, format));
  return `There is no payment ${later ?? ""}: payment ${all ?? ""} is the last. This change has no effect.`;
}
