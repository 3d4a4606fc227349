import type { Mark } from "../marks/mark";
import { everyOf } from "./rates";
import type { Role } from "./roles";

/** Repeated payments, as far as the words tell of them. */
export interface PaymentsFact {
  amount: number | null;
  every: string | null;
  timing: "end" | "start" | null;
  count: number | "forever" | null;
  /** How long they go on. */
  term: string | null;
  /** When the first is paid. */
  first: string | null;
  role: Role | null;
  growth: { percent: number | null } | { amount: number | null } | null;
  growthEvery: string | null;
  /** How many are paid at once, before the others. */
  advance: number;
  /** How long nothing is paid before they begin. */
  waits: string | null;
  /** Where in the row of streams it follows another: "the following 10 years". */
  isNext: boolean;
  /** Whether the words say that all are alike, and not how large: "the same amount each month". */
  readonly isOpen: boolean;
  readonly marks: Mark[];
  amountMark: Mark | null;
}

export function newStream(
  cue: Mark,
  amount: Mark | null,
  role: Role | null,
  isOpen: boolean,
): PaymentsFact {
  const stream: PaymentsFact = {
    amount: amount?.quantity?.is === "money" ? amount.quantity.value : null,
    every: null,
    timing: null,
    count: null,
    term: null,
    first: null,
    role,
    growth: null,
    growthEvery: null,
    advance: 0,
    waits: null,
    isNext: false,
    isOpen,
    marks: [],
    amountMark: amount,
  };
  if (amount !== null) stream.marks.push(amount);
  extend(stream, cue, null, role);
  return stream;
}

export function extend(
  stream: PaymentsFact,
  cue: Mark,
  amount: Mark | null,
  role: Role | null,
): void {
  const { phrase } = cue;
  if (phrase === undefined) return;
  const tells = phrase.iso !== undefined || (phrase.as ?? "").startsWith("t");
  if (tells) stream.every ??= everyOf(cue);
  if (phrase.kind === "timing")
    stream.timing = phrase.as?.startsWith("start") === true ? "start" : "end";
  if (phrase.kind === "at-end-of-flows" && cue.text.includes(" end ")) stream.timing ??= "end";
  if (phrase.as?.endsWith("-of-next") === true) {
    stream.count ??= phrase.numbers[0] ?? null;
    stream.isNext = / (?:next|following) /.test(cue.text);
  }
  if (amount !== null && stream.amountMark === null && amount.quantity?.is === "money") {
    stream.amountMark = amount;
    stream.amount = amount.quantity.value;
    stream.marks.push(amount);
  }
  stream.role ??= role;
  stream.marks.push(cue);
}
