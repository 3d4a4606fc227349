import type {
  Direction,
  Flow,
  FollowUp,
  KnownPosition,
  Problem,
  Rate,
} from "../../engine/problem/schema";
import type { AmountFact } from "../facts/amounts";
import type { Mark } from "../marks/mark";

/** What a phrase has become. */
export const SPAN_ROLES = ["amount", "time", "rate", "payments", "share", "asked"] as const;
export type SpanRole = (typeof SPAN_ROLES)[number];

/** A place of a problem that a phrase fills. */
export type Target =
  | {
      readonly flow: string;
      readonly field: "amount" | "when" | "every" | "count" | "timing" | "growth";
    }
  | { readonly rate: number; readonly field: "percent" | "quoted" | "from" };

export interface Use {
  readonly mark: Mark;
  readonly role: SpanRole;
  readonly target?: Target;
}

/** Something that the words leave open, how it was taken, and how else it can be. */
export interface Assumption {
  readonly code: AssumptionCode;
  readonly taken: string;
  readonly others: readonly string[];
}

export const ASSUMPTION_CODES = ["compounding", "timing"] as const;
export type AssumptionCode = (typeof ASSUMPTION_CODES)[number];

/** What the facts of a question lack. */
export type MissingCode =
  | "rate"
  | "time"
  | "payment"
  | "amount"
  | "frequency"
  | "compounding"
  | "question"
  | "down-payment"
  | "growth"
  | "difference";

/** How the open points are to be taken, where not as usual. */
export type Choices = Readonly<Partial<Record<AssumptionCode, string>>>;

/** What can be left blank in a problem that is otherwise read. */
export const BLANKS = ["rate", "time", "payment"] as const;
export type Blank = (typeof BLANKS)[number];

/** A problem that lacks only what can be typed in its fields: 1 stands there meanwhile. */
export interface PartialProblem {
  readonly problem: Problem;
  readonly blanks: readonly Blank[];
}

/** What stands in a place that is to be left blank. */
export const STAND_IN = 1;

/** The blanks that a problem would have; `null` where something else is missing too. */
export function blanksOf(missing: readonly MissingCode[]): readonly Blank[] | null {
  const blanks = missing.filter((code): code is Blank =>
    (BLANKS as readonly string[]).includes(code),
  );
  return blanks.length === missing.length ? [...new Set(blanks)] : null;
}

/** A problem that the facts make, or what they lack. */
export interface Shape {
  readonly problem: Problem | null;
  readonly uses: readonly Use[];
  readonly assumptions: readonly Assumption[];
  readonly missing: readonly MissingCode[];
  readonly partial?: PartialProblem;
  /** Where a follow-up of the problem answers the question: which. */
  readonly follow?: number;
}

/** Marks that have become the same. */
export function usesOf(marks: readonly Mark[], role: SpanRole, target?: Target): Use[] {
  return marks.map((mark) => ({ mark, role, ...(target === undefined ? {} : { target }) }));
}

/** An amount and its time, as what they have become. */
export function amountUses(amount: AmountFact, flow: string): Use[] {
  const { counted } = amount;
  return [
    ...amount.marks.map((mark): Use => {
      const isOwn = mark === amount.mark;
      return {
        mark,
        role: isOwn ? "amount" : "time",
        target: { flow, field: isOwn ? "amount" : "when" },
      };
    }),
    ...(counted === undefined ? [] : usesOf([counted], "amount", { flow, field: "amount" })),
  ];
}

export interface ProblemParts {
  readonly rates: readonly Rate[];
  readonly flows: readonly Flow[];
  readonly ask?: Problem["ask"];
  readonly also?: readonly FollowUp[];
  readonly currency: string | null;
}

export function problemOf({ rates, flows, ask, also, currency }: ProblemParts): Problem {
  return {
    format: "kestrelmoor-problem",
    version: 2,
    ...(currency === null ? {} : { currency }),
    rates: [...rates],
    flows: flows.map(named),
    ...(ask === undefined ? {} : { ask }),
    ...(also === undefined || also.length === 0 ? {} : { also: [...also] }),
  };
}

/** What the flows of a reading are called on their lines. */
const LABELS: Readonly<Record<string, string>> = {
  loan: "Loan",
  payments: "Payments",
  final: "Final payment",
  opening: "Opening balance",
  deposits: "Deposits",
  received: "Balance",
  fund: "Fund",
  withdrawals: "Withdrawals",
  loans: "Loans",
  rest: "Balance",
  rent: "Rent",
  down: "Down payment",
  advance: "Paid at once",
  price: "Price",
  coupons: "Coupons",
  redemption: "Redemption",
};

function named(flow: Flow): Flow {
  const label = LABELS[flow.id];
  return label === undefined ? flow : { ...flow, label };
}

/** The amount that is asked for, at its own time. */
export function askedFlow(at: KnownPosition, direction: Direction = "in"): Flow {
  return { id: "asked", kind: "single", direction, amount: null, at };
}

/** A problem that lacks nothing. */
export function complete(
  problem: Problem,
  uses: readonly Use[],
  assumptions: readonly Assumption[],
): Shape {
  return { problem, uses, assumptions, missing: [] };
}

export function lacking(missing: readonly MissingCode[], shape: Partial<Shape> = {}): Shape {
  return { problem: null, uses: [], assumptions: [], ...shape, missing };
}
