/**
 * The engine: a problem file in, its answer out, with schedules, appraisals, tables and sweeps on top. It knows nothing
 * of what is typed, taught or worded: see README.md beside it.
 */
export * from "./result";
export * from "./issues/issue";
export * from "./problem/problem-file";
export * from "./problem/schema";
export * from "./problem/limits";
export { schemaIssues } from "./problem/schema-issues";
export { isCalendarDate } from "./time/calendar";
export * from "./time/day-count";
export { dateAt, isDate, yearsOfMoment, type Calendar } from "./time/moment";
export { FRACTION_RULES } from "./rates/compounding-law";
export { PAYMENT_ROUNDINGS, type PaymentRounding } from "./flows/payment-rounding";
export { calendarOf } from "./problem/calendar-of";
export { problemJsonSchema } from "./problem/json-schema";
export { flowOfUnknown, lineOfUnknown, type Unknown } from "./problem/unknown";
export * from "./fields/field-ref";
export { type UnknownKind } from "./fields/figure";
export { FIGURE_UNITS, type FigureUnit } from "./fields/figure-unit";
export { figuresOf, numberAt, numberIn, type ProblemFigure } from "./fields/problem-figures";
export * from "./rates/quotation";
export * from "./rates/convert-rate";
export * from "./rates/force-of-interest";
export * from "./rates/real-rate";
export * from "./rates/compound-growth";
export * from "./rates/restate";
export * from "./rates/deposit";
export * from "./rates/buying-power";
export * from "./rates/growth-of-values";
export * from "./rates/growing-time";
export * from "./rates/discount-cost";
export { growthFactor } from "./rates/accumulation";
export { DAYS_PER_YEAR, frequencyOf } from "./time/duration";
export {
  asWhole,
  isBefore,
  isSamePercent,
  isSameTime,
  isUpTo,
  wholeFrom,
  wholeUpTo,
  isClose,
  PART_BETWEEN,
} from "./numbers/compare";
export { withDigits } from "./numbers/with-digits";
export * from "./question/answer-of";
export {
  isQuestionFile,
  QUESTION_FILE_EXTENSION,
  QUESTION_MEDIA_TYPE,
  questionSchema,
  readQuestion,
  writeQuestionText,
  type QuestionFile,
  type QuestionPart,
} from "./question/question-file";
export { questionJsonSchema } from "./question/question-json-schema";
export * from "./question/solve-question";
export * from "./solve/answered-with";
export * from "./solve/solve";
export * from "./solve/solution";
export { WHOLE_KINDS } from "./solve/count/whole-payments";
export { yearsAsked, type SolvedFlow, type SolvedProblem } from "./solve/solved-problem";
export type { DatedAmount } from "./flows/flow-kind";
export { paymentAmount } from "./flows/expand-stream";
export { paymentTime } from "./flows/payment-times";
export * from "./solve/shares";
export { doubtfulEnd } from "./solve/doubtful-end";
export { growthOf, paidSingle } from "./solve/settled-timeline";
export * from "./schedule/figure-question";
export * from "./schedule/schedule";
export * from "./schedule/schedule-types";
export * from "./schedule/changes/change";
export * from "./schedule/against-plan";
export * from "./schedule/effective-yearly";
export * from "./schedule/offers/run-offer";
export * from "./schedule/offers/when-held";
export * from "./schedule/offers/ranking";
export * from "./schedule/span-totals";
export * from "./schedule/balance-after";
export * from "./schedule/milestones";
export * from "./schedule/payment-dates";
export * from "./schedule/schedule-years";
export * from "./appraisal/appraise";
export * from "./appraisal/crossover";
export * from "./appraisal/internal-rates";
export * from "./appraisal/project-flows";
export { netValue } from "./appraisal/measures";
export * from "./appraisal/measure";
export * from "./appraisal/net-by-date";
export * from "./appraisal/project";
export * from "./appraisal/running-totals";
export * from "./appraisal/sign-changes";
export * from "./appraisal/value-curve";
export * from "./appraisal/compare/compare-projects";
export * from "./appraisal/compare/choose";
export * from "./appraisal/compare/increments";
export * from "./tables/factor-kinds";
export * from "./tables/factor-table";
export * from "./tables/look-up";
export * from "./tables/by-table";
export * from "./tables/solve-by-table";
export * from "./vary/sweep";
