import { setPriority } from "node:os";
import type { TaskName } from "./tasks";
import { performText, type Performed } from "./perform";

export interface Task {
  readonly name: TaskName;
  readonly text: string;
  /** Milliseconds since 1970 at which the calculation began; 0 while it waits. Shared with whoever waits for it. */
  readonly began: Float64Array;
}

/** On Linux the priority is this thread's alone: whoever only saves does not wait for those who calculate. */
const LOWER = 5;
try {
  setPriority(LOWER);
} catch {
  // Where that is not allowed, all threads are equal.
}

/** The work of a thread of the pool. */
export default function work({ name, text, began }: Task): Performed {
  began[0] = Date.now();
  return performText(name, text);
}
