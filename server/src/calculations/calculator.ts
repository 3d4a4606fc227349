import type { TaskName } from "./tasks";
import type { Performed } from "./perform";

/** Where calculations run that may take long. */
export interface Calculator {
  /**
   * @param text the body, as it was sent
   * @throws `Refusal` 503 `too-much-work` for one that takes too long, or too many at once
   */
  readonly calculate: (name: TaskName, text: string) => Promise<Performed>;
  readonly close: () => Promise<void>;
}
