/** The engine and its words; `typing/` reads what people type, `teaching/` has what teaches. */
export * from "./engine/index";
export * from "./wording/appraisal-words";
export { sentenceOf, sentenceWhereKnown } from "./wording/sentences";
export * from "./wording/answer-format";
export * from "./wording/answer-sentence";
export { formatExact } from "./wording/format-number";
export * from "./wording/format-time";
export * from "./wording/quotation-words";
export { dayCountWords } from "./wording/day-count-words";
export { toldCount } from "./wording/count-words";
export * from "./wording/factor-words";
export { listed } from "./wording/listed";
export * from "./wording/follow-up-words";
