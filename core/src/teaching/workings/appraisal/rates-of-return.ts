import { netValue } from "../../../engine/appraisal/measures";
import { turnsOf } from "../../../engine/appraisal/sign-changes";
import {
  writeFigure,
  writePercent,
  writeRate,
  type AnswerFormat,
} from "../../../wording/answer-format";
import type { AppraisalSubject } from "../../../wording/appraisal-words";
import { spanWords } from "../../../wording/format-time";
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
import { PROJECT_STEP_WORDS } from "../../../wording/teaching/project-step-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = PROJECT_STEP_WORDS;

/** The rates at which the net present value changes sign, solved numerically. */
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
      say: WORDS.internal,
      lines: [chain(part(number(0), "symbols"), part(worth.symbols, "symbols"))],
    },
    {
      kind: "balance-in-words",
      level: "every-step",
      say: `${howMany(turns, all.length, format)} ${WORDS.numerically}`,
      lines: [],
    },
  ];
  for (const [place, percent] of sought.entries()) {
    const others = all.filter((other) => other !== percent);
    const search = searchFor(valueAt, percent, others, STEP_WORDS.search.rateHead("i"), format);
    const value = decimal(percent);
    steps.push({
      kind: "search",
      level: "short",
      lines: [],
      ...(search === null
        ? { say: WORDS.touches }
        : {
            say: WORDS.between(
              writePercent(search.low, format, 8),
              writePercent(search.high, format, 8),
            ),
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
    // Several rates are numbered; a single one keeps the letter of the unknown.
    const letter = sought.length === 1 ? unknown.letter : sheet.letter("i", String(place + 1));
    const found = sheet.work(letter, "rate", root);
    const say = WORDS.internalFound(writePercent(percent, format));
    steps.push(inPercentStep(sheet, found, say, [resultLine(found)]));
  }
  return steps;
}

function howMany(turns: number, found: number, format: AnswerFormat): string {
  if (turns <= 1) return WORDS.oneChange;
  const there = found === 1 ? "1 is" : `${writeFigure(found, format)} are`;
  return WORDS.changes(writeFigure(turns, format), there);
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
    WORDS.outlays,
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
    WORDS.inflows(writeRate(reinvestPercent, format), spanWords(end, format)),
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
      say: WORDS.twoRates,
      lines: [lineOf(hurdle), lineOf(reinvest), lineOf(years, WORDS.years)],
    },
    ...outlays.steps,
    ...inflows.steps,
    {
      kind: "value",
      level: "short",
      say: WORDS.modified,
      lines: [lineOf(rate)],
      value: rate.value,
    },
    inPercentStep(sheet, rate, STEP_WORDS.solve.asPercentage, []),
  ];
}
