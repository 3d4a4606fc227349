import { prepareSave } from "../problems/prepare-save";
import { openDraft } from "../problems/saved-problem";
import { CALCULATIONS } from "./calculations";

/** Whatever may take long, by name: the calculations of the interface, and what a notebook needs. */
export const TASKS = { ...CALCULATIONS, "prepare-save": prepareSave, "open-draft": openDraft };

export type TaskName = keyof typeof TASKS;
