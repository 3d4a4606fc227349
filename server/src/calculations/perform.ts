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
export const LONGEST_REPLY = 8 * 1024 * 1024;

/** Calculates; what a body cannot be answered by is told as problem details. */
export function perform(name: TaskName, body: unknown): Performed {
  try {
    const text = JSON.stringify(TASKS[name](body));
    if (text.length > LONGEST_REPLY) throw tooMuchWork("The reply would be too large.");
    return { status: 200, type: "application/json", text };
  } catch (error) {
    if (error instanceof Refusal) return refused(error);
    throw error;
  }
}

/** The same for a body that is still a text, such as a worker is given. */
export function performText(name: TaskName, text: string): Performed {
  const body = parsed(text);
  return body === UNREADABLE ? refused(unreadable()) : perform(name, body);
}

export const UNREADABLE = Symbol("not JSON");

export function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return UNREADABLE;
  }
}

function refused(refusal: Refusal): Performed {
  return {
    status: refusal.status,
    type: PROBLEM_DETAILS_TYPE,
    text: JSON.stringify(refusal.toProblemDetails()),
  };
}
