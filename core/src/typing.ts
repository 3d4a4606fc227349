/**
 * What people type: texts read into problems, and problems written as texts. It stands on the engine,
 * which `index.ts` exports and which knows nothing of it.
 */
export * from "./input/read-money";
export * from "./input/read-rate";
export * from "./input/read-time";
export * from "./input/unknown-mark";
export { draftSchema } from "./draft/draft";
export { parseDraft } from "./draft/draft-document";
export type { FieldReading } from "./draft/field";
export type { FlowReading } from "./draft/lines/line-kinds";
export type { StreamReading } from "./draft/lines/stream-line";
export type { SaidAmount } from "./input/read-amount";
export type { SaidTime } from "./input/read-position";
export type { SaidRate } from "./input/read-linked-rate";
export type * from "./draft/draft";
export * from "./draft/read-draft";
export * from "./draft/write-draft";
export * from "./draft/move-unknown";
export * from "./draft/edit-lines";
export * from "./draft/shapes";
export * from "./input/find-in-question";
