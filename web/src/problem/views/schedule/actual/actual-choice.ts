import { keptBeside } from "../../../document/kept-beside";
import type { Separator } from "../../../../files/read-file";
import type { Understanding } from "./recognise";

/** A file of payments that somebody has opened, and what they have chosen about how it is read. */
export interface ActualChoice {
  readonly file: { readonly name: string; readonly text: string } | null;
  /** Why the last file could not be opened. */
  readonly complaint: string | null;
  /** `null` as it is told from the file. */
  readonly separator: Separator | null;
  readonly chosen: Partial<Understanding>;
}

/** It is no part of the problem, and is gone with the page. */
export const useActualChoice = keptBeside((): ActualChoice => ({
  file: null,
  complaint: null,
  separator: null,
  chosen: {},
}));
