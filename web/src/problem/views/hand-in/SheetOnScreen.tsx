import { useAnswerFormat } from "../../answer/use-answer-format";
import { useLayoutEffect, useMemo, useRef } from "react";
import { applyPalette, PALETTES } from "../../../app/look";
import { useElementWidth } from "../../../ui/use-element-width";
import type { Outcome } from "../../document/outcome";
import { layOut } from "../../timeline/layout";
import { sketchOf } from "../../timeline/sketch";
import { TimelinePicture } from "../../timeline/TimelinePicture";
import { Formula } from "../workings/Formula";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { Sheet } from "./Sheet";
import type { SheetContent } from "./sheet-content";
import { useFittedFormulas } from "./use-fitted-formulas";
import "./sheet.css";
import styles from "./HandIn.module.css";

const TIMELINE_HEIGHT = 220;

interface SheetOnScreenProps {
  readonly content: SheetContent;
  readonly choice: WorkingsStyle;
}

/** The sheet as it will be printed: white paper by day and by night. */
export function SheetOnScreen({ content, choice }: SheetOnScreenProps) {
  const paper = useRef<HTMLDivElement>(null);
  const [place, width] = useElementWidth();
  useFittedFormulas(paper);
  useLayoutEffect(() => {
    if (paper.current !== null) applyPalette(PALETTES.light, paper.current);
  }, []);
  return (
    <div ref={paper} className={styles.paper}>
      <div ref={place}>
        <Sheet
          content={content}
          choice={choice}
          timelineOf={({ part }) =>
            width > 0 && <TimelineOnSheet part={part} width={Math.min(width, 680)} />
          }
          Formula={Formula}
        />
      </div>
    </div>
  );
}

interface TimelineOnSheetProps {
  readonly part: Outcome;
  readonly width: number;
}

function TimelineOnSheet({ part, width }: TimelineOnSheetProps) {
  const format = useAnswerFormat();
  const layout = useMemo(
    () =>
      layOut(
        sketchOf(part.draft, part, format),
        { width, height: TIMELINE_HEIGHT, isSmall: false },
        format,
      ),
    [part, width, format],
  );
  return <TimelinePicture layout={layout} />;
}
