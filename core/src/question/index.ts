/**
 * The text of a question, read into problems: see docs/reading.md. It stands on the engine and its words, and is loaded
 * when a text is to be read.
 */
export { LONGEST_TEXT, readQuestion } from "./told/tell";
export type { ToldAlternative, ToldAssumption, ToldPart, ToldReading, ToldSpan } from "./told/tell";
export { MISSING_CODES, READING_KINDS, type Missing, type ReadingKind } from "./read-question";
export {
  ASSUMPTION_CODES,
  BLANKS,
  SPAN_ROLES,
  type AssumptionCode,
  type Choices,
} from "./shape/shape";
