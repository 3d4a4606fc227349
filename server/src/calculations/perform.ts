import { PROBLEM_DETAILS_TYPE } from "@kestrelmoor/contract";
import { Refusal, tooMuchWork, unreadable } from "../http/refusal";
import { TASKS, type TaskName } from "./tasks";

/** A reply as it is sent; a text, since texts pass from thread to thread at little cost. */
export interface Performed {
  readonly status: number;
  readonly type: string;
  readonly text: string;
}

/** A schedule of the most rows takes a third of this. */
const LONGEST_REPLY = 8 * 1024 * 1024;

/** Calculates; what a body cannot be answered by is told as problem details. */
export function perform(name: TaskName, body: unknown): Performed {
  return performed(() => TASKS[name](body));
}

/** The same for a body that is still a text, such as a worker is given. */
export function performText(name: TaskName, text: string): Performed {
  return performed(() => TASKS[name](parseBody(text)));
}

/** @throws `Refusal` 400 for what is no JSON */
export function parseBody(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw unreadable();
  }
}

function performed(work: () => object): Performed {
  try {
    const text = JSON.stringify(work());
    if (text.length > LONGEST_REPLY) throw tooMuchWork("The reply would be too large.");
    return { status: 200, type: "application/json", text };
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    return {
      status: error.status,
      type: PROBLEM_DETAILS_TYPE,
      text: JSON.stringify(error.toProblemDetails()),
    };
  }
}
