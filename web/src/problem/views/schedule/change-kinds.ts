import type { ChangeLine } from "@kestrelmoor/core/typing";

interface ChangeKind {
  /** As one chooses it. */
  readonly chosen: string;
  /** Whether it means something for savings too. */
  readonly isForSavings: boolean;
  /** The field to go to once it is added. */
  readonly field: string;
}

/** Everything that can be changed, in the order in which it is offered. */
export const CHANGE_KINDS: Readonly<Record<ChangeLine["kind"], ChangeKind>> = {
  extra: { chosen: "Something extra", isForSavings: true, field: "amount" },
  "round-up": { chosen: "Payments rounded up", isForSavings: true, field: "multiple" },
  "interest-only": { chosen: "Only interest for a while", isForSavings: false, field: "lasts" },
  holiday: { chosen: "Payments left out", isForSavings: true, field: "lasts" },
  rate: { chosen: "Another rate from a payment on", isForSavings: true, field: "percent" },
  fee: { chosen: "A fee at the start", isForSavings: true, field: "amount" },
  residual: { chosen: "A residual at the end", isForSavings: false, field: "amount" },
};
