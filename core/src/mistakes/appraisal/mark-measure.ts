import { equivalentAnnual, modifiedRate, netValue, payback } from "../../appraisal/measures";
import { MEASURE_NAMES, MEASURES, type Measure } from "../../appraisal/measure";
import type { Appraisal } from "../../appraisal/appraise";
import type { DatedAmount } from "../../flows/flow-kind";
import type { AppraisalSubject } from "../../wording/appraisal-words";
import { agrees, agreesInSize, type Claim } from "../claim";

/** What is said of a figure that somebody got for a measure. */
export interface MarkedMeasure {
  readonly verdict: "right" | "explained" | "unexplained";
  /** What happened, and what to do next time; the likeliest alone. */
  readonly says: string;
}

/** One way to go wrong, with the figure that it leads to; `null` where it leads to none. */
interface Slip {
  readonly figure: number | null;
  readonly says: string;
}

/**
 * Marks a figure for a measure of a project against the right one and against what the known slips lead to.
 *
 * @param claim as it was typed: its digits say how precise it is; a percent without its sign is one too
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
      says: isOneOf
        ? "That is one of the rates at which the project is worth nothing."
        : "That is right.",
    };
  }
  if (isPercent && right.some((figure) => agrees(claim, figure / 100))) {
    return { verdict: "right", says: "That is right, written as a decimal." };
  }
  const slips = [...SLIPS[measure](subject), ...slipsOfAny(measure, subject)];
  const slip = slips.find(({ figure }) => figure !== null && agrees(claim, figure));
  if (slip !== undefined) return { verdict: "explained", says: slip.says };
  if (right.some((figure) => agreesInSize(claim, figure))) {
    return {
      verdict: "explained",
      says: "The size is right, and the sign is the other one: money out counts against, money in for.",
    };
  }
  return {
    verdict: "unexplained",
    says:
      right.length === 0
        ? "The project has no such figure; the sentence above says why."
        : "No slip that is known here leads to that figure. Go through the workings below step by step.",
  };
}

/** A measure's figures as people write them: several internal rates, or none. */
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

const SLIPS: Readonly<Record<Measure, (subject: AppraisalSubject) => Slip[]>> = {
  npv: ({ flows, hurdlePercent, judged: { npv } }) => {
    const force = forceOf(hurdlePercent);
    const [first, ...later] = flows;
    const gap = gapOf(flows);
    return [
      {
        figure: netValue(late(flows, gap), force),
        says: "The first amount is discounted here, and every later one by a period too many. It is at time 0: take it as it is, and the next one back by one period.",
      },
      {
        figure: netValue([...flows.slice(0, 1), ...late(later, gap)], force),
        says: "The first amount is taken as it is, but every later one is discounted by a period too many. The one after the first period is discounted once.",
      },
      {
        figure: netValue(later, force),
        says: "The first outlay is left out. The net present value is what is left after it.",
      },
      {
        figure: netValue(flows, 0),
        says: "Nothing is discounted here: that is the plain sum of the amounts. Bring each back to today first.",
      },
      {
        figure: sumOf(flows, ({ at, amount }) => amount / (1 + (hurdlePercent / 100) * at)),
        says: "That is discounted with simple interest. Divide by the growth of each year, again and again.",
      },
      {
        figure: netValue(flows, forceOf(hurdlePercent / 100)),
        says: "The rate went in a hundred times too small. Write it as a decimal once, not twice.",
      },
      {
        figure: npv + 2 * Math.abs(first?.amount ?? 0),
        says: "The first outlay is counted as money in. It goes out, so it counts against.",
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
        says: "That is the modified rate: it supposes another rate for what comes in. The internal rate is the one at which the net present value is nothing.",
      },
      {
        figure: outlay > 0 && years > 0 ? (gain / outlay / years) * 100 : null,
        says: "That is the gain a year over the outlay, without compounding. The internal rate is the one at which the net present value is nothing.",
      },
      {
        figure: outlay > 0 ? (gain / outlay) * 100 : null,
        says: "That is the gain of all years over the outlay. The internal rate is the one at which the net present value is nothing.",
      },
    ];
  },
  mirr: ({ flows, hurdlePercent, reinvestPercent, judged: { irrPercents } }) => [
    {
      figure: modifiedRate(flows, forceOf(reinvestPercent), forceOf(hurdlePercent)),
      says: "The two rates are exchanged: what goes out is brought back at the hurdle rate, what comes in grows at the other.",
    },
    {
      figure: irrPercents.length === 1 ? (irrPercents[0] ?? null) : null,
      says: "That is the internal rate. The modified one lets what comes in grow at the rate of reinvestment.",
    },
  ],
  payback: ({ flows, judged: { payback: exact, discountedPayback } }) => [
    {
      figure: exact === null ? null : (flows.find(({ at }) => at >= exact - 1e-9)?.at ?? null),
      says: "That is the whole year in which the money is back. Take of that year only the part that is still needed.",
    },
    {
      figure: exact === null ? null : (flows.findLast(({ at }) => at < exact - 1e-9)?.at ?? null),
      says: "That is the last year at whose end the money is not back yet. Add the part of the next year that is still needed.",
    },
    {
      figure: discountedPayback,
      says: "That is the discounted payback. The plain one adds the amounts up as they are.",
    },
    {
      figure: averagePayback(flows),
      says: "That is the outlay over the mean of what comes in. Add the amounts up year by year instead.",
    },
  ],
  "discounted-payback": ({ flows, hurdlePercent, judged: { payback: plain } }) => [
    {
      figure: plain,
      says: "That is the plain payback. Discount the amounts first, then add them up.",
    },
    {
      figure: payback(late(flows, gapOf(flows)), forceOf(hurdlePercent)),
      says: "Every amount is taken a period too late. The first is at time 0.",
    },
  ],
  "profitability-index": ({ flows, judged: { npv, profitabilityIndex } }) => {
    const outlay = -(flows[0]?.amount ?? 0);
    return [
      {
        figure: outlay > 0 ? npv / outlay : null,
        says: "That is the net present value over the outlay. The index has the value of what comes later over it, which is 1 more.",
      },
      {
        figure: outlay > 0 ? sumOf(flows.slice(1), ({ amount }) => amount) / outlay : null,
        says: "What comes later is not discounted here. Bring it back to today before you divide.",
      },
      {
        figure: profitabilityIndex === null ? null : 1 / profitabilityIndex,
        says: "That is turned upside down: the value goes over the outlay.",
      },
    ];
  },
  "equivalent-annual": ({ flows, hurdlePercent, judged: { npv } }) => {
    const years = (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
    const annual = equivalentAnnual(flows, forceOf(hurdlePercent));
    return [
      {
        figure: years > 0 ? npv / years : null,
        says: "That is the value over the number of years. Divide by the annuity factor instead, as later amounts are worth less.",
      },
      {
        figure: annual === null ? null : annual / (1 + hurdlePercent / 100),
        says: "That is the amount at the start of each year. It is meant at the end.",
      },
    ];
  },
};

/** A figure that is right, for another question about the same project. */
function slipsOfAny(measure: Measure, { judged }: AppraisalSubject): Slip[] {
  return MEASURES.filter((other) => other !== measure).flatMap((other) =>
    figuresOf(other, judged).map((figure) => ({
      figure,
      says: `That is the ${MEASURE_NAMES[other].toLowerCase()} of the project, which answers another question.`,
    })),
  );
}

function forceOf(percent: number): number {
  return Math.log1p(percent / 100);
}

/** As if all amounts lay further ahead. */
function late(flows: readonly DatedAmount[], by: number): DatedAmount[] {
  return flows.map(({ at, amount }) => ({ at: at + by, amount }));
}

/** The first period of a project, by which somebody is late who discounts its first amount. */
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
