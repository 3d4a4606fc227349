import type { DatedAmount } from "../../../engine/flows/flow-kind";
import { writeRate } from "../../../wording/answer-format";
import type { AppraisalSubject } from "../../../wording/appraisal-words";
import { spanWords } from "../../../wording/format-time";
import { lineOf, type Sheet } from "../compose/sheet";
import { snapped } from "../compose/years";
import { factorOf, of, quotient, type Quantity } from "../mathematics/expression";
import { levelPresent } from "../mathematics/factors";
import type { Step } from "../step";
import { worthSteps, yearlyRate, type Found } from "./parts";
import { worthOfAmounts } from "./terms";
import { PROJECT_STEP_WORDS } from "../../../wording/teaching/project-step-words";

const WORDS = PROJECT_STEP_WORDS;

/** The net present value; the first amount, at time 0, is not discounted. */
export function netPresentValue(
  { flows, hurdlePercent, format }: AppraisalSubject,
  sheet: Sheet,
): Found {
  const rate = yearlyRate(sheet, hurdlePercent);
  const { steps, found } = worthSteps(
    sheet,
    worthOfAmounts(sheet, flows, rate, 0),
    "NPV",
    WORDS.discount,
  );
  return { found, steps: [given(rate, writeRate(hurdlePercent, format), flows), ...steps] };
}

function given(rate: Quantity, words: string, flows: readonly DatedAmount[]): Step {
  const isToday = flows[0]?.at === 0;
  return {
    kind: "given",
    level: "every-step",
    say: [WORDS.hurdle(words), ...(isToday ? [WORDS.firstToday] : [])].join(" "),
    lines: [lineOf(rate)],
  };
}

export function profitabilitySteps(subject: AppraisalSubject, sheet: Sheet): Step[] | null {
  const { flows, hurdlePercent, judged, format } = subject;
  const [first, ...later] = flows;
  if (judged.profitabilityIndex === null || first === undefined) return null;
  const rate = yearlyRate(sheet, hurdlePercent);
  const worth = worthSteps(
    sheet,
    worthOfAmounts(sheet, later, rate, first.at),
    "PV",
    WORDS.laterFlows,
  );
  const outlay = sheet.given(sheet.letter("C", "0"), "money", -first.amount, null);
  const index = sheet.work(sheet.letter("PI"), "factor", quotient(of(worth.found), of(outlay)));
  return [
    given(rate, writeRate(hurdlePercent, format), flows),
    ...worth.steps,
    {
      kind: "value",
      level: "short",
      say: WORDS.overOutlay,
      lines: [lineOf(outlay), lineOf(index)],
      value: index.value,
      finds: index,
    },
  ];
}

export function equivalentSteps(subject: AppraisalSubject, sheet: Sheet): Step[] | null {
  const { flows, hurdlePercent, judged } = subject;
  if (judged.equivalentAnnual === null) return null;
  const value = netPresentValue(subject, sheet);
  const rate = sheet.quantities.find(({ kind }) => kind === "rate");
  if (rate === undefined) throw new TypeError("A net present value has a rate");
  const life = snapped((flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0));
  const years = sheet.given(sheet.letter("T"), "time", life, null);
  const factor = sheet.work(
    sheet.letter("a"),
    "factor",
    hurdlePercent === 0 ? of(years) : factorOf(levelPresent, of(rate), of(years)),
  );
  const annual = sheet.work(sheet.letter("A"), "money", quotient(of(value.found), of(factor)));
  return [
    ...value.steps,
    {
      kind: "term",
      level: "short",
      say: WORDS.annuityFactor(spanWords(life, sheet.format)),
      lines: [lineOf(years, WORDS.years), lineOf(factor)],
      value: factor.value,
    },
    {
      kind: "value",
      level: "short",
      say: WORDS.equivalent,
      lines: [lineOf(annual)],
      value: annual.value,
      finds: annual,
    },
  ];
}
