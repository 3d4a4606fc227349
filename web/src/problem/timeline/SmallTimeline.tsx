import { useAnswerFormat } from "../answer/use-answer-format";
import type { Draft } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { outcomeOf, type Outcome } from "../document/outcome";
import { layOut } from "./layout";
import { sketchOf } from "./sketch";
import { TimelinePicture } from "./TimelinePicture";

interface SmallTimelineProps {
  readonly draft: Draft;
  readonly outcome?: Outcome;
  readonly width: number;
  readonly height: number;
}

/** A timeline without words, for cards. */
export function SmallTimeline({ draft, outcome, width, height }: SmallTimelineProps) {
  const format = useAnswerFormat();
  const layout = useMemo(
    () =>
      layOut(
        sketchOf(draft, outcome ?? outcomeOf(draft), format),
        { width, height, isSmall: true },
        format,
      ),
    [draft, outcome, width, height, format],
  );
  return <TimelinePicture layout={layout} isSmall />;
}
