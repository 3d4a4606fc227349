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
  extra: { chosen: "Extra payment", isForSavings: true, field: "amount" },
  "round-up": { chosen: "Rounded-up payments", isForSavings: true, field: "multiple" },
  "interest-only": { chosen: "Interest-only period", isForSavings: false, field: "lasts" },
  holiday: { chosen: "Payment holiday", isForSavings: true, field: "lasts" },
  rate: { chosen: "Rate change", isForSavings: true, field: "percent" },
  fee: { chosen: "Upfront fee", isForSavings: true, field: "amount" },
  residual: { chosen: "Balloon payment", isForSavings: false, field: "amount" },
};
