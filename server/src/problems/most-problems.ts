import { Refusal } from "../http/refusal";

/** A notebook that no person fills; keeps one guest from filling the disk. */
export const MOST_PROBLEMS = 2000;

export function notebookFull(): Refusal {
  return new Refusal(422, "notebook-full", `The limit is ${MOST_PROBLEMS} problems in a notebook.`);
}
