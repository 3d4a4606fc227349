/**
 * The bounds of a problem file. Wide enough for any question on paper, narrow enough that a double
 * still tells cents apart and one file cannot starve a server.
 */
export const LIMITS = {
  /** Above this a double no longer holds cents. */
  amount: 1e13,
  percent: 1e6,
  years: 1000,
  payments: 1e6,
  flows: 200,
  rates: 60,
  listAmounts: 5000,
  followUps: 60,
  /** Of a question: as many as there are letters. */
  parts: 26,
  titleLength: 200,
  questionLength: 20_000,
  labelLength: 120,
  /** A file longer than this is not read at all. */
  fileBytes: 1_048_576,
} as const;
