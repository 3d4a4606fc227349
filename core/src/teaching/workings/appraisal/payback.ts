import { projectRows } from "../../../engine/appraisal/running-totals";
import { writeMoney, writeRate } from "../../../wording/answer-format";
import type { AppraisalSubject } from "../../../wording/appraisal-words";
import { spanWords } from "../../../wording/format-time";
import { capitalized } from "../../../wording/capitalized";
import { lineOf, type Sheet } from "../compose/sheet";
import { snapped } from "../compose/years";
import { minus, of, plus, product, quotient } from "../mathematics/expression";
import type { Step } from "../step";
import { PROJECT_STEP_WORDS } from "../../../wording/teaching/project-step-words";

const WORDS = PROJECT_STEP_WORDS;

/** The payback period; the money is assumed to come in evenly between the two dates around it. */
export function paybackSteps(
  { flows, format }: AppraisalSubject,
  sheet: Sheet,
  payback: number | null,
  hurdlePercent: number | null,
): Step[] | null {
  if (payback === null) return null;
  const rows = projectRows(flows, hurdlePercent === null ? 0 : Math.log1p(hurdlePercent / 100));
  const totalOf = (row: (typeof rows)[number]) =>
    hurdlePercent === null ? row.total : row.discountedTotal;
  const place = rows.findIndex(
    (row, index) => index > 0 && totalOf(rows[index - 1] ?? row) < 0 && totalOf(row) >= 0,
  );
  const [before, after] = [rows[place - 1], rows[place]];
  if (before === undefined || after === undefined) return null;
  const discountedAt = hurdlePercent === null ? null : writeRate(hurdlePercent, format);
  const early = sheet.given(sheet.letter("t", "a"), "time", snapped(before.at), null);
  const late = sheet.given(sheet.letter("t", "b"), "time", snapped(after.at), null);
  const missing = sheet.given(sheet.letter("M"), "money", -totalOf(before), null);
  const coming = sheet.given(
    sheet.letter("C"),
    "money",
    hurdlePercent === null ? after.amount : after.presentValue,
    null,
  );
  const time = sheet.work(
    sheet.letter("t"),
    "time",
    plus(of(early), product(minus(of(late), of(early)), quotient(of(missing), of(coming)))),
  );
  const when = (years: number) => (years === 0 ? "today" : `after ${spanWords(years, format)}`);
  return [
    {
      kind: "term",
      level: "short",
      say: [
        WORDS.accumulate(discountedAt),
        WORDS.totals(
          capitalized(when(before.at)),
          writeMoney(totalOf(before), format),
          when(after.at),
          writeMoney(totalOf(after), format),
        ),
      ].join(" "),
      lines: [
        lineOf(early, WORDS.lastNegative),
        lineOf(late, WORDS.nextDate),
        lineOf(missing, WORDS.stillMissing),
        lineOf(coming, WORDS.nextInflow),
      ],
    },
    {
      kind: "value",
      level: "short",
      say: WORDS.evenly,
      lines: [lineOf(time)],
      value: time.value,
      finds: time,
    },
  ];
}
