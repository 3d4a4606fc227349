import type { Measure } from "@kestrelmoor/core";
import { keptBeside } from "../../document/kept-beside";

const NONE: ReadonlySet<Measure> = new Set();

/** The measures whose workings are open; those are handed in as well. */
export const useOpenMeasures = keptBeside(() => ({ open: NONE }));
