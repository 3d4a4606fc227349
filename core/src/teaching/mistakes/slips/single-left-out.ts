import type { FlowOf, Problem } from "../../../engine/problem/schema";
import type { Slip } from "../mistake";
import { singlesOf, withoutFlow } from "../parts-of-problem";
import { nameOf } from "../words";

interface LeftOutWords {
  readonly done: (name: string) => string;
  readonly corrected: () => string;
}

/** One slip for each single amount of a kind: the problem without it. */
export function singleLeftOut(
  problem: Problem,
  isOfKind: (flow: FlowOf<"single">) => boolean,
  words: LeftOutWords,
): Slip[] {
  return singlesOf(problem)
    .filter(({ flow }) => isOfKind(flow))
    .flatMap(({ index, flow }) => {
      const without = withoutFlow(problem, index);
      return without === null
        ? []
        : [
            {
              done: () => words.done(nameOf(flow)),
              corrected: words.corrected,
              problem: without,
            },
          ];
    });
}
