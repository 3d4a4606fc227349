import { readMoney } from "../../input/read-money";
import { readPaymentNumber, readPayments } from "../../input/read-payment-number";
import { readPercent, readRate } from "../../input/read-rate";
import type { PaymentTimes } from "../../input/read-time-among-payments";
import type { Quotation } from "../../../engine/rates/quotation";
import type { LoanChange, LoanChangeKind } from "../../../engine/schedule/changes/change";
import type { EntryField } from "../entries/entry-field";
import { quotationSaid } from "../compounding/quotation-said";

/** What the payments are that changes speak of. */
export interface ChangedPayments extends PaymentTimes {
  /** How a rate is quoted that does not say so. */
  readonly quotation: Quotation;
}

/** One of a few things that a change may be. */
interface Choice<Option extends string> {
  readonly label: string;
  /** The first of them is what it is at first. */
  readonly options: readonly [Option, ...Option[]];
  readonly words: (option: Option, isSaving: boolean) => string;
}

/** A figure of a change, as it is typed. */
type TypedFigure = EntryField<number, ChangedPayments>;

type TypedFigures = Readonly<Record<string, TypedFigure>>;
type Choices = Readonly<Record<string, AnyChoice>>;

/** A choice of whatever: an entry knows its own options. */
interface AnyChoice {
  readonly label: string;
  readonly options: readonly [string, ...string[]];
  readonly words: (option: never, isSaving: boolean) => string;
}

type Figures<Typed extends TypedFigures> = {
  readonly [Field in keyof Typed]: Typed[Field] extends { readonly empty: () => null }
    ? number | undefined
    : number;
};

type Chosen<Of extends Choices> = {
  readonly [Name in keyof Of]: Of[Name]["options"][number];
};

/** A kind of change: its figures and choices, its sentence, and what comes of them. */
interface ChangeKind<Typed extends TypedFigures, Of extends Choices> {
  /** As one chooses it. */
  readonly name: string;
  /** Whether it means something for savings too. */
  readonly isForSavings: boolean;
  readonly typed: Typed;
  readonly chosen: Of;
  /** The sentence, with figures and choices in braces. */
  readonly words: (chosen: Chosen<Of>, isSaving: boolean) => string;
  readonly change: (
    figures: Figures<Typed>,
    chosen: Chosen<Of>,
    said: {
      readonly texts: Readonly<Record<keyof Typed, string>>;
      readonly payments: ChangedPayments;
    },
  ) => LoanChange;
}

function kind<Typed extends TypedFigures, Of extends Choices>(
  entry: ChangeKind<Typed, Of>,
): ChangeKind<Typed, Of> {
  return entry;
}

function money(label: string, hint: string): TypedFigure {
  return { label, hint, read: readMoney };
}

/** A payment by its number, or by a time: one at a time, or the first of those after it. */
function payment(label: string, hint: string, meant: "at" | "period", first = ""): TypedFigure {
  return { label, hint, first, read: (text, payments) => readPaymentNumber(text, payments, meant) };
}

const lasts: TypedFigure = {
  label: "Number of payments",
  hint: "6 payments",
  read: readPayments,
};

const then: Choice<"reset" | "kept"> = {
  label: "Effect on the payments",
  options: ["reset", "kept"],
  words: (option, isSaving) => {
    const payments = isSaving ? "deposits" : "payments";
    if (option === "kept") return `then keep the ${payments}`;
    const why = isSaving ? "reach the same goal" : "keep the term";
    return `then recalculate the ${payments} to ${why}`;
  },
};

const often: Choice<"payment" | "year" | "once"> = {
  label: "Frequency",
  options: ["payment", "year", "once"],
  words: (option) => ({ payment: "with every payment", year: "once a year", once: "once" })[option],
};

const paid: Choice<"at-once" | "added"> = {
  label: "How the fee is paid",
  options: ["at-once", "added"],
  words: (option) => (option === "added" ? "added to the loan" : "paid separately"),
};

const changing = payment("First payment of the change", "13", "period", "1");

/** Everything that can be changed about a loan or savings, in the order in which it is offered. */
export const CHANGE_KINDS = {
  extra: kind({
    name: "Extra payment",
    isForSavings: true,
    typed: {
      amount: money("Extra amount", "100"),
      from: payment("First payment with the extra amount", "1", "at", "1"),
      to: { ...payment("Last payment with the extra amount", "the end", "at"), empty: () => null },
    },
    chosen: { often },
    words: (chosen, isSaving) => {
      const verb = isSaving ? "Deposit" : "Pay";
      const span = chosen.often === "once" ? "with payment {from}" : "from payment {from} to {to}";
      return `${verb} {amount} extra {often} ${span}`;
    },
    change: ({ amount, from, to }, chosen) => ({
      kind: "extra",
      amount,
      often: chosen.often,
      fromPayment: from,
      ...(chosen.often === "once" || to === undefined ? {} : { toPayment: to }),
    }),
  }),
  "round-up": kind({
    name: "Rounded-up payments",
    isForSavings: true,
    typed: { multiple: money("Multiple", "10") },
    chosen: {},
    words: () => "Round each payment up to a multiple of {multiple}",
    change: ({ multiple }) => ({ kind: "round-up", multiple }),
  }),
  "interest-only": kind({
    name: "Interest-only period",
    isForSavings: false,
    typed: { lasts, from: changing },
    chosen: { then },
    words: () => "Pay interest only for {lasts}, from payment {from}, {then}",
    change: (figures, chosen) => ({ kind: "interest-only", ...spanOf(figures), ...chosen }),
  }),
  holiday: kind({
    name: "Payment holiday",
    isForSavings: true,
    typed: { lasts, from: changing },
    chosen: { then },
    words: (_, isSaving) =>
      `${isSaving ? "Deposit" : "Pay"} nothing for {lasts}, from payment {from}; interest accrues, {then}`,
    change: (figures, chosen) => ({ kind: "holiday", ...spanOf(figures), ...chosen }),
  }),
  rate: kind({
    name: "Rate change",
    isForSavings: true,
    typed: {
      percent: { label: "New rate", hint: "6.25%", read: readPercent },
      from: payment("First payment at the new rate", "13", "period"),
    },
    chosen: { then },
    words: () => "Change the rate to {percent} from payment {from}, {then}",
    change: ({ percent, from }, chosen, { texts, payments }) => {
      const said = readRate(texts.percent);
      const quotation = quotationSaid(said.ok ? said.value : {}, payments);
      return { kind: "rate", fromPayment: from, percent, quotation, ...chosen };
    },
  }),
  fee: kind({
    name: "Upfront fee",
    isForSavings: true,
    typed: { amount: money("Fee", "250") },
    chosen: { paid },
    words: (_, isSaving) => `Upfront fee of {amount}${isSaving ? "" : ", {paid}"}`,
    change: ({ amount }, chosen) => ({ kind: "fee", amount, isAdded: chosen.paid === "added" }),
  }),
  residual: kind({
    name: "Balloon payment",
    isForSavings: false,
    typed: { amount: money("Balloon payment", "5,000") },
    chosen: {},
    words: () => "Balloon payment of {amount} at the end; the payments are recalculated",
    change: ({ amount }) => ({ kind: "residual", amount }),
  }),
} as const satisfies Readonly<Record<LoanChangeKind, unknown>>;

function spanOf({ from, lasts: count }: { readonly from: number; readonly lasts: number }) {
  return { fromPayment: from, toPayment: from + count - 1 };
}

type Kinds = typeof CHANGE_KINDS;

type LineOf<Kind extends LoanChangeKind> = { kind: Kind; id: string; flow: string } & {
  [Field in keyof Kinds[Kind]["typed"]]: string;
} & {
  [Name in keyof Kinds[Kind]["chosen"]]: OptionOf<Kinds[Kind]["chosen"][Name]>;
};

type OptionOf<Of> = Of extends { readonly options: readonly (infer Option)[] } ? Option : never;

/** A change as it is typed; `flow` is the stream whose payments it changes. */
export type ChangeLine = { [Kind in LoanChangeKind]: LineOf<Kind> }[LoanChangeKind];

type KeysOf<Union> = Union extends unknown ? keyof Union : never;

/** The figures of changes. */
export type ChangeField = Extract<KeysOf<Kinds[LoanChangeKind]["typed"]>, string>;

/** The choices of changes. */
export type ChangeChoice = Extract<KeysOf<Kinds[LoanChangeKind]["chosen"]>, string>;

/** A kind as one that takes any line: a table cannot tell that key and line belong together. */
export function kindOfChange(of: LoanChangeKind): ChangeKind<TypedFigures, OpenChoices> {
  return CHANGE_KINDS[of] as unknown as ChangeKind<TypedFigures, OpenChoices>;
}

type OpenChoices = Readonly<Record<string, Choice<string>>>;
