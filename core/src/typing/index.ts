/**
 * What people type: texts read into problems, and problems written as texts. It stands on the engine,
 * which `index.ts` exports and which knows nothing of it.
 */
export { marksUnknown } from "./input/entry-label";
export { labelsIn } from "./input/read-amounts";
export * from "./input/read-claim";
export * from "./input/read-claims";
export * from "./input/read-figure";
export * from "./input/read-days";
export { TEXTBOOK_TIMES, type TimesSaid } from "./input/names";
export * from "./input/read-moment";
export * from "./input/read-money";
export * from "./input/read-rate";
export * from "./input/read-time";
export * from "./input/read-time-among-payments";
export * from "./input/table-to-amounts";
export * from "./input/unknown-mark";
export {
  BLANK_DRAFT,
  DRAFT_VERSION,
  draftSchema,
  MOST_OFFERS,
  MOST_OTHER_PROJECTS,
  MOST_SIDE_SUMS,
  MOST_VARIANTS,
} from "./draft/draft";
export { MOST_CHANGES } from "./draft/draft-schedule";
export { LONGEST_LIST_FIELD } from "./draft/draft-texts";
export * from "./draft/desk/desk";
export * from "./draft/desk/desk-fields";
export * from "./draft/desk/read-asked";
export * from "./draft/entries/collection";
export {
  readEntryField,
  valuesOf,
  type EntryField,
  type EntryReadings,
  type EntryValues,
} from "./draft/entries/entry-field";
export * from "./draft/offers/offer-fields";
export * from "./draft/offers/offers";
export * from "./draft/offers/read-offer";
export {
  JUDGING_FIELDS,
  PROJECT_FIELDS,
  type JudgingField,
  type ProjectField,
} from "./draft/appraisal/project-fields";
export * from "./draft/appraisal/projects";
export * from "./draft/appraisal/read-appraisal";
export { CHANGE_KINDS, kindOfChange } from "./draft/changes/change-kinds";
export type { ChangeChoice, ChangeField, ChangeLine } from "./draft/changes/change-kinds";
export * from "./draft/changes/edit-changes";
export * from "./draft/changes/read-change";
export * from "./draft/card/problem-card";
export { parseDraft } from "./draft/draft-document";
export { readingOf, valueOf, type FieldReading } from "./draft/field";
export { namedFlow, type FlowReading } from "./draft/lines/line-kinds";
export type { LineReading } from "./draft/fields/line-schema";
export * from "./draft/fields/field-words";
export * from "./draft/fields/draft-readings";
export {
  fieldAt,
  fieldsOf,
  fieldsOfAsk,
  fieldsOfFlow,
  fieldsOfRate,
  unknownFields,
  type DraftField,
} from "./draft/fields/draft-fields";
export type { SaidAmount } from "./input/read-amount";
export type { Moment, SaidTime } from "./input/read-position";
export { DATE_ORDERS, readDate, type DateOrder } from "./input/read-date";
export {
  conventionsSchema,
  PAYBACKS,
  PAYMENTS_FOUND,
  RATES_ASKED,
  USUAL_CONVENTIONS,
} from "./draft/conventions";
export type { SaidRate } from "./input/read-linked-rate";
export type * from "./draft/draft";
export * from "./draft/known-timeline";
export * from "./draft/read-draft";
export {
  quotationOfLine,
  takeQuotation,
  tidyRateLine,
  type RateReading,
} from "./draft/read-rate-line";
export type { FollowUpReading } from "./draft/read-follow-up";
export * from "./draft/write-draft";
export * from "./draft/move-unknown";
export * from "./draft/edit-lines";
export { turnRound, turnToAnswer } from "./draft/turn-line";
export * from "./draft/edit-follow-ups";
export {
  AS_PAID,
  ownQuotation,
  quotationKey,
  quotationKeyOfLine,
  setQuotation,
} from "./draft/quotation-key";
export * from "./draft/compounding/compounding-question";
export * from "./draft/compounding/payment-periods";
export * from "./draft/sums/edit-sums";
export * from "./draft/sums/named-figures";
export * from "./draft/sums/work-out-sums";
export type { NamedFigure, WorkedSum } from "./input/arithmetic";
export * from "./draft/variants/draft-of-variant";
export * from "./draft/variants/edit-variants";
export * from "./draft/variants/ready-variants";
export { USUAL_WORKINGS, workingsStyleSchema, type WorkingsStyle } from "../wording/workings-style";
export * from "./draft/parts/draft-of-file";
export * from "./draft/parts/earlier-parts";
export * from "./draft/parts/edit-parts";
export * from "./draft/parts/follow-through";
export * from "./draft/parts/part-drafts";
export type { PartAsks, ReadyPart } from "./draft/parts/ready-part";
export * from "./draft/parts/ready-parts";
export { offeredBy, type Offered } from "./draft/parts/quantity-words";
export * from "./draft/parts/question-draft";
export * from "./draft/parts/question-shapes";
export * from "./draft/parts/rate-change";
export * from "./draft/parts/read-parts";
export * from "./draft/parts/write-question";
export { TAKES_UP_NOTHING, takesUp, type TakeUp } from "./input/take-up";
export * from "./draft/reshape";
export * from "./draft/shapes";
export { suggestedTitle } from "./draft/suggested-title";
export * from "./draft/parting/join-flow";
export * from "./draft/parting/split-flow";
export * from "./input/find-in-question";
