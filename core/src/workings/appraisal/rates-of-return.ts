import { netValue } from "../../appraisal/measures";
import { turnsOf } from "../../appraisal/sign-changes";
import { writeRate } from "../../wording/answer-format";
import type { AppraisalSubject } from "../../wording/appraisal-words";
import { formatFigure } from "../../wording/format-number";
import { spanWords } from "../../wording/format-time";
import { chain, part } from "../compose/equation";
import { lineOf, resultLine, type Sheet } from "../compose/sheet";
import { snapped } from "../compose/years";
import {
  minus,
  number,
  of,
  ONE,
  power,
  quotient,
  type Expression,
} from "../mathematics/expression";
import type { Step } from "../step";
import { searchFor } from "../unknown/search";
import { decimal, inPercentStep, worthSteps, yearlyRate } from "./parts";
import { worthOfAmounts } from "./terms";

/** Where the value turns from one side of nothing to the other: searched for, as no formula has it. */
export function internalRateSteps(
  { flows, judged, format }: AppraisalSubject,
  sheet: Sheet,
): Step[] | null {
  const all = [...judged.irrPercentsBelow, ...judged.irrPercents];
  const sought = judged.irrPercents.length > 0 ? judged.irrPercents : all;
  if (sought.length === 0) return null;
  const valueAt = (percent: number) => netValue(flows, Math.log1p(percent / 100));
  const unknown = sheet.unknown(sheet.letter("i"), "rate", decimal(sought[0] ?? 0), null);
  const worth = worthOfAmounts(sheet, flows, unknown, 0);
  const turns = turnsOf(flows);
  const steps: Step[] = [
    {
      kind: "equation",
      level: "short",
      say: "The internal rate is the one at which the net present value is nothing.",
      lines: [chain(part(number(0), "symbols"), part(worth.symbols, "symbols"))],
    },
    {
      kind: "balance-in-words",
      level: "every-step",
      say: `${howMany(turns, all.length)} The rate stands in several powers at once, so it is searched for.`,
      lines: [],
    },
  ];
  for (const [place, percent] of sought.entries()) {
    const others = all.filter((other) => other !== percent);
    const search = searchFor(valueAt, percent, others, "i in %");
    const value = decimal(percent);
    steps.push({
      kind: "search",
      level: "short",
      lines: [],
      ...(search === null
        ? {
            say: "The value touches nothing without crossing it, so the rate is found where it turns.",
          }
        : {
            say: `Between ${formatFigure(search.low, 8)} and ${formatFigure(search.high, 8)} percent the value changes its sign, so it is nothing somewhere between them. A straight line between the two ends says where to look next.`,
            table: search.table,
          }),
    });
    const root: Expression =
      search === null
        ? number(value)
        : {
            op: "root",
            unknown,
            balance: worth.expression,
            low: search.low / 100,
            high: search.high / 100,
            value,
          };
    // Of several each has a number of its own; a single one is the letter that was sought.
    const letter = sought.length === 1 ? unknown.letter : sheet.letter("i", String(place + 1));
    const found = sheet.work(letter, "rate", root);
    const say = `The internal rate, as a decimal and in percent: ${writeRate(percent, format)} a year.`;
    steps.push(inPercentStep(sheet, found, say, [resultLine(found)]));
  }
  return steps;
}

function howMany(turns: number, found: number): string {
  if (turns <= 1) {
    return "The money turns its way once, so there is at most one such rate (Descartes' rule of signs).";
  }
  return `The money turns its way ${formatFigure(turns)} times, so there may be as many such rates (Descartes' rule of signs); ${found === 1 ? "there is one" : `there are ${formatFigure(found)}`}.`;
}

export function modifiedRateSteps(subject: AppraisalSubject, sheet: Sheet): Step[] | null {
  const { flows, hurdlePercent, reinvestPercent, judged, format } = subject;
  if (judged.mirrPercent === null) return null;
  const [start, end] = [flows[0]?.at ?? 0, flows.at(-1)?.at ?? 0];
  const hurdle = yearlyRate(sheet, hurdlePercent);
  const reinvest = yearlyRate(sheet, reinvestPercent, "r");
  const outlays = worthSteps(
    sheet,
    worthOfAmounts(
      sheet,
      flows.filter(({ amount }) => amount < 0),
      hurdle,
      0,
      -1,
    ),
    "PV",
    "All that goes out, brought back to today at the hurdle rate.",
  );
  const inflows = worthSteps(
    sheet,
    worthOfAmounts(
      sheet,
      flows.filter(({ amount }) => amount > 0),
      reinvest,
      end,
    ),
    "FV",
    `All that comes in, grown at ${writeRate(reinvestPercent, format)} a year until the end, ${spanWords(end)} from today.`,
  );
  const years = sheet.given(sheet.letter("T"), "time", snapped(end - start), null);
  const rate = sheet.work(
    sheet.letter("m"),
    "rate",
    minus(power(quotient(of(inflows.found), of(outlays.found)), quotient(ONE, of(years))), ONE),
  );
  return [
    {
      kind: "given",
      level: "every-step",
      say: "What goes out is financed at the hurdle rate; what comes in is put to work at the other.",
      lines: [lineOf(hurdle), lineOf(reinvest), lineOf(years, "years")],
    },
    ...outlays.steps,
    ...inflows.steps,
    {
      kind: "value",
      level: "short",
      say: "The rate at which the one becomes the other.",
      lines: [lineOf(rate)],
      value: rate.value,
    },
    inPercentStep(sheet, rate, "The same in percent.", []),
  ];
}
