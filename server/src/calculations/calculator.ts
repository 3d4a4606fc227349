import type { TaskName } from "./tasks";
import { performText, type Performed } from "./perform";

/** Where calculations run that may take long. */
export interface Calculator {
  /**
   * @param text the body, as it was sent
   * @throws `Refusal` 503 `too-much-work` for one that takes too long, or too many at once
   */
  readonly calculate: (name: TaskName, text: string) => Promise<Performed>;
  readonly close: () => Promise<void>;
}

/** Everything in the thread that asks, for as long as it takes: for tests. */
export const IN_PLACE: Calculator = {
  calculate: (name, text) => Promise.resolve(performText(name, text)),
  close: () => Promise.resolve(),
};
