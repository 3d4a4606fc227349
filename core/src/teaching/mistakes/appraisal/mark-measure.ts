import {
  equivalentAnnual,
  modifiedRate,
  netValue,
  payback,
} from "../../../engine/appraisal/measures";
import { MEASURE_NAMES, MEASURES, type Measure } from "../../../engine/appraisal/measure";
import type { Appraisal } from "../../../engine/appraisal/appraise";
import type { DatedAmount } from "../../../engine/flows/flow-kind";
import type { AppraisalSubject } from "../../../wording/appraisal-words";
import {
  MEASURE_MISTAKE_WORDS,
  MEASURE_VERDICT_WORDS,
} from "../../../wording/teaching/measure-mistake-words";
import { agrees, agreesInSize, type Claim } from "../../../engine/numbers/claim";
import { isBefore, isUpTo } from "../../../engine/numbers/compare";
import type { Verdict } from "../mark";

/** The marking of a student's value for a measure. */
export interface MarkedMeasure {
  readonly verdict: Verdict;
  /** What happened, and what to do next time; only the likeliest mistake. */
  readonly says: string;
}

/** One mistake, with the value that it gives; `null` if it gives none. */
interface MeasureSlip {
  readonly figure: number | null;
  readonly says: string;
}

/**
 * Marks a value for a measure of a project against the correct value and the values of known mistakes.
 *
 * @param claim as typed: its digits show its precision; a percentage may lack its sign
 */
export function markMeasure(
  measure: Measure,
  subject: AppraisalSubject,
  claim: Claim,
): MarkedMeasure {
  const right = figuresOf(measure, subject.judged);
  const isPercent = measure === "irr" || measure === "mirr";
  if (right.some((figure) => agrees(claim, figure))) {
    const isOneOf = right.length > 1;
    return {
      verdict: "right",
      says: isOneOf ? MEASURE_VERDICT_WORDS.rightOfSeveral : MEASURE_VERDICT_WORDS.right,
    };
  }
  if (isPercent && right.some((figure) => agrees(claim, figure / 100))) {
    return { verdict: "right", says: MEASURE_VERDICT_WORDS.decimal };
  }
  const slips = [...SLIPS[measure](subject), ...slipsOfAny(measure, subject)];
  const slip = slips.find(({ figure }) => figure !== null && agrees(claim, figure));
  if (slip !== undefined) return { verdict: "explained", says: slip.says };
  if (right.some((figure) => agreesInSize(claim, figure))) {
    return {
      verdict: "explained",
      says: MEASURE_VERDICT_WORDS.sign,
    };
  }
  return {
    verdict: "unexplained",
    says: right.length === 0 ? MEASURE_VERDICT_WORDS.noValue : MEASURE_VERDICT_WORDS.unexplained,
  };
}

/** The values of a measure: one, none, or several internal rates of return. */
function figuresOf(measure: Measure, judged: Appraisal): readonly number[] {
  const only = (figure: number | null) => (figure === null ? [] : [figure]);
  switch (measure) {
    case "npv":
      return [judged.npv];
    case "irr":
      return judged.irrPercents;
    case "mirr":
      return only(judged.mirrPercent);
    case "payback":
      return only(judged.payback);
    case "discounted-payback":
      return only(judged.discountedPayback);
    case "profitability-index":
      return only(judged.profitabilityIndex);
    case "equivalent-annual":
      return only(judged.equivalentAnnual);
  }
}

const SLIPS: Readonly<Record<Measure, (subject: AppraisalSubject) => MeasureSlip[]>> = {
  npv: ({ flows, hurdlePercent, judged: { npv } }) => {
    const force = forceOf(hurdlePercent);
    const [first, ...later] = flows;
    const gap = gapOf(flows);
    return [
      {
        figure: netValue(late(flows, gap), force),
        says: MEASURE_MISTAKE_WORDS.npv.allLate,
      },
      {
        figure: netValue([...flows.slice(0, 1), ...late(later, gap)], force),
        says: MEASURE_MISTAKE_WORDS.npv.laterLate,
      },
      {
        figure: netValue(later, force),
        says: MEASURE_MISTAKE_WORDS.npv.noOutlay,
      },
      {
        figure: netValue(flows, 0),
        says: MEASURE_MISTAKE_WORDS.npv.undiscounted,
      },
      {
        figure: sumOf(flows, ({ at, amount }) => amount / (1 + (hurdlePercent / 100) * at)),
        says: MEASURE_MISTAKE_WORDS.npv.simple,
      },
      {
        figure: netValue(flows, forceOf(hurdlePercent / 100)),
        says: MEASURE_MISTAKE_WORDS.npv.rateTwice,
      },
      {
        figure: npv + 2 * Math.abs(first?.amount ?? 0),
        says: MEASURE_MISTAKE_WORDS.npv.outlayAdded,
      },
    ];
  },
  irr: ({ flows, judged: { mirrPercent } }) => {
    const outlay = -(flows[0]?.amount ?? 0);
    const gain = sumOf(flows.slice(1), ({ amount }) => amount) - outlay;
    const years = (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
    return [
      {
        figure: mirrPercent,
        says: MEASURE_MISTAKE_WORDS.irr.modified,
      },
      {
        figure: outlay > 0 && years > 0 ? (gain / outlay / years) * 100 : null,
        says: MEASURE_MISTAKE_WORDS.irr.yearlyGain,
      },
      {
        figure: outlay > 0 ? (gain / outlay) * 100 : null,
        says: MEASURE_MISTAKE_WORDS.irr.totalGain,
      },
    ];
  },
  mirr: ({ flows, hurdlePercent, reinvestPercent, judged: { irrPercents } }) => [
    {
      figure: modifiedRate(flows, forceOf(reinvestPercent), forceOf(hurdlePercent)),
      says: MEASURE_MISTAKE_WORDS.mirr.swapped,
    },
    {
      figure: irrPercents.length === 1 ? (irrPercents[0] ?? null) : null,
      says: MEASURE_MISTAKE_WORDS.mirr.internal,
    },
  ],
  payback: ({ flows, judged: { payback: exact, discountedPayback } }) => [
    {
      figure: exact === null ? null : (flows.find(({ at }) => isUpTo(exact, at))?.at ?? null),
      says: MEASURE_MISTAKE_WORDS.payback.roundedUp,
    },
    {
      figure: exact === null ? null : (flows.findLast(({ at }) => isBefore(at, exact))?.at ?? null),
      says: MEASURE_MISTAKE_WORDS.payback.roundedDown,
    },
    {
      figure: discountedPayback,
      says: MEASURE_MISTAKE_WORDS.payback.discounted,
    },
    {
      figure: averagePayback(flows),
      says: MEASURE_MISTAKE_WORDS.payback.averaged,
    },
  ],
  "discounted-payback": ({ flows, hurdlePercent, judged: { payback: plain } }) => [
    {
      figure: plain,
      says: MEASURE_MISTAKE_WORDS["discounted-payback"].simple,
    },
    {
      figure: payback(late(flows, gapOf(flows)), forceOf(hurdlePercent)),
      says: MEASURE_MISTAKE_WORDS["discounted-payback"].late,
    },
  ],
  "profitability-index": ({ flows, judged: { npv, profitabilityIndex } }) => {
    const outlay = -(flows[0]?.amount ?? 0);
    return [
      {
        figure: outlay > 0 ? npv / outlay : null,
        says: MEASURE_MISTAKE_WORDS["profitability-index"].netValue,
      },
      {
        figure: outlay > 0 ? sumOf(flows.slice(1), ({ amount }) => amount) / outlay : null,
        says: MEASURE_MISTAKE_WORDS["profitability-index"].undiscounted,
      },
      {
        figure: profitabilityIndex === null ? null : 1 / profitabilityIndex,
        says: MEASURE_MISTAKE_WORDS["profitability-index"].inverted,
      },
    ];
  },
  "equivalent-annual": ({ flows, hurdlePercent, judged: { npv } }) => {
    const years = (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
    const annual = equivalentAnnual(flows, forceOf(hurdlePercent));
    return [
      {
        figure: years > 0 ? npv / years : null,
        says: MEASURE_MISTAKE_WORDS["equivalent-annual"].byYears,
      },
      {
        figure: annual === null ? null : annual / (1 + hurdlePercent / 100),
        says: MEASURE_MISTAKE_WORDS["equivalent-annual"].due,
      },
    ];
  },
};

/** The value of another measure of the same project. */
function slipsOfAny(measure: Measure, { judged }: AppraisalSubject): MeasureSlip[] {
  return MEASURES.filter((other) => other !== measure).flatMap((other) =>
    figuresOf(other, judged).map((figure) => ({
      figure,
      says: MEASURE_VERDICT_WORDS.otherMeasure(MEASURE_NAMES[other].toLowerCase()),
    })),
  );
}

function forceOf(percent: number): number {
  return Math.log1p(percent / 100);
}

/** The cash flows, all later by the same time. */
function late(flows: readonly DatedAmount[], by: number): DatedAmount[] {
  return flows.map(({ at, amount }) => ({ at: at + by, amount }));
}

/** The first period of a project: the delay if a student discounts the first amount too. */
function gapOf([first, second]: readonly DatedAmount[]): number {
  return first === undefined || second === undefined ? 1 : second.at - first.at;
}

function sumOf(flows: readonly DatedAmount[], of: (flow: DatedAmount) => number): number {
  return flows.reduce((sum, flow) => sum + of(flow), 0);
}

function averagePayback(flows: readonly DatedAmount[]): number | null {
  const years = (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
  const later = sumOf(flows.slice(1), ({ amount }) => amount);
  const outlay = -(flows[0]?.amount ?? 0);
  return outlay > 0 && later > 0 && years > 0 ? outlay / (later / years) : null;
}
