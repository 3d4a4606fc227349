import type { PhraseRow } from "../phrase";
import { FREQUENCY_PHRASES } from "./frequency";
import { QUOTATION_PHRASES } from "./quotation";
import { TIME_PHRASES } from "./times";

/** The grammar's phrases: see docs/reading.md for how one is added. */
export const PHRASES: readonly PhraseRow[] = [
  ...QUOTATION_PHRASES,
  ...FREQUENCY_PHRASES,
  ...TIME_PHRASES,
];
