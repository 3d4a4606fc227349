import { isUpTo } from "../../engine/numbers/compare";
import { paymentTime } from "../../engine/flows/payment-times";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import { frequencyOf } from "../../engine/time/duration";
import type { FormulaName } from "../../wording/teaching/formula-words";
import { compose, type ComposedFlow, type Composition } from "../workings/compose/composition";
import { focalDate } from "../workings/compose/focal-date";
import { Sheet } from "../workings/compose/sheet";
import { UNROUNDED } from "../workings/mathematics/figures";

/** A formula that a problem uses, and the flow that it is used for. */
export interface UsedFormula {
  readonly formula: FormulaName;
  readonly flow: ComposedFlow | null;
}

export interface UsedFormulas {
  readonly composition: Composition;
  readonly used: readonly UsedFormula[];
}

/** The formulas of a problem, each once, in the order of its lines; the conversion of the rate last. */
export function formulasOf(solved: SolvedProblem): UsedFormulas {
  const composition = compose(solved, new Sheet(UNROUNDED));
  const focal = focalDate(composition);
  const all = composition.flows.flatMap((flow): UsedFormula[] => {
    const formula = formulaFor(composition, flow, focal);
    return formula === null ? [] : [{ formula, flow }];
  });
  const streams = all.filter(({ flow }) => flow?.kind !== "single");
  // Beside payments, an amount moved for itself is nothing new.
  const main = streams.length > 0 ? streams : all;
  const conversion = needsConversion(solved)
    ? [{ formula: "equivalent-rate" as const, flow: null }]
    : [];
  const used = [...main, ...conversion].filter(
    ({ formula }, index, list) => list.findIndex((other) => other.formula === formula) === index,
  );
  return { composition, used };
}

function formulaFor(
  { solved }: Composition,
  flow: ComposedFlow,
  focal: number,
): FormulaName | null {
  const { accrual, spells } = solved.settled;
  if (accrual?.kind === "simple") return "simple-interest";
  if (accrual?.kind === "bank-discount") return "bank-discount";
  switch (flow.kind) {
    case "list":
    case "dated":
      return "uneven";
    case "single":
      return spells.some(({ quotation }) => quotation.quoted === "continuous")
        ? "continuous-amount"
        : "compound-amount";
    case "stream":
      return ofPayments(flow, focal);
  }
}

function ofPayments({ settled }: ComposedFlow<"stream">, focal: number): FormulaName {
  const { count, timing, growth } = settled;
  const isDue = timing === "start";
  const isByPercent = growth?.by === "percent";
  if (!Number.isFinite(count)) {
    if (isByPercent) return "growing-perpetuity";
    return isDue ? "perpetuity-due" : "perpetuity";
  }
  if (growth?.by === "amount") return "present-of-increasing";
  const isLater = isUpTo(paymentTime(settled, count - 1), focal);
  if (isByPercent) {
    return isLater ? "future-of-growing" : isDue ? "present-of-growing-due" : "present-of-growing";
  }
  if (isLater) return isDue ? "future-of-annuity-due" : "future-of-annuity";
  return isDue ? "present-of-annuity-due" : "present-of-annuity";
}

/** Whether payments come more or less often than interest is compounded. */
function needsConversion({ problem, settled }: SolvedProblem): boolean {
  if (settled.accrual !== undefined) return false;
  const paid = problem.flows.flatMap((flow) =>
    flow.kind === "stream" ? [frequencyOf(flow.every)] : [],
  );
  return settled.spells.some(({ quotation }) => {
    if (!("compounding" in quotation)) return false;
    const compounded = frequencyOf(quotation.compounding);
    return paid.some((frequency) => frequency !== compounded);
  });
}
