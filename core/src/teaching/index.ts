/**
 * What teaches: workings and the marking of answers. It stands on the engine, which `index.ts` exports and
 * which knows nothing of it: docs/decisions/0014-what-teaches-has-a-door-of-its-own.md
 */
export * from "./workings/step";
export { LEVELS, type Level } from "../wording/workings-style";
export * from "./workings/workings";
export * from "./workings/appraisal/appraisal-workings";
export * from "./workings/rates/conversion-workings";
export * from "./workings/rates/rate-topic-workings";
export * from "./workings/further/further-workings";
export { isSameFigure } from "./workings/mathematics/same-figure";
export { linePlain, lineLatex, type LineStyle } from "./workings/write-line";
export { markdownWords, writeOut, type WrittenForm } from "./workings/write-out";
export type { Quantity } from "./workings/mathematics/expression";
export { quantitiesIn } from "./workings/mathematics/quantities-in";
export { figureOf, UNROUNDED, type Rounding } from "./workings/mathematics/figures";
export type { Claim } from "../engine/numbers/claim";
export * from "./mistakes/mark";
export type { RightAs } from "./mistakes/right-as";
export type { Explanation } from "./mistakes/search";
export { MISTAKE_CODES, type MistakeCode, type Slip } from "./mistakes/mistake";
export { CATALOGUE } from "./mistakes/catalogue";
export type { Subject } from "./mistakes/mistake";
export * from "./mistakes/appraisal/mark-measure";
export { placeValue, type Placing } from "./mistakes/place-value";
export {
  PLACED_VERDICTS,
  placeSeries,
  placeTyped,
  type PlacedValue,
} from "./mistakes/place-series";
export * from "./mistakes/tell";
export { tellPlaced } from "./mistakes/tell-placed";
export { formulaCards, type FormulaCard } from "./formulas/formula-card";
export { HINTS, hintsFor, type HintOptions } from "./hints/hints";
export * from "./proof/account-rows";
export * from "./proof/other-ways";
export {
  questionWorkbook,
  workbook,
  type WorkbookLink,
  type WorkbookPart,
} from "./hand-in/workbook/workbook";
export * from "../wording/teaching/schedule-words";
export { scheduleWorkbook, type ScheduleWorkbookHead } from "./hand-in/workbook/schedule-workbook";
export type { Cell, Workbook } from "./hand-in/workbook/cells";
