import type { Draft } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { outcomeOf, type Outcome } from "../document/document-store";
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
  const layout = useMemo(
    () => layOut(sketchOf(draft, outcome ?? outcomeOf(draft)), { width, height, isSmall: true }),
    [draft, outcome, width, height],
  );
  return <TimelinePicture layout={layout} isSmall />;
}
