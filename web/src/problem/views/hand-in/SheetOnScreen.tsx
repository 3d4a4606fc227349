import { useAnswerFormat } from "../../answer/use-answer-format";
import { useLayoutEffect, useMemo, useRef } from "react";
import { applyPalette, PALETTES } from "../../../app/look";
import { useElementWidth } from "../../../ui/use-element-width";
import { useDocumentState } from "../../document/document-context";
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
          timeline={width > 0 && <TimelineOnSheet width={Math.min(width, 680)} />}
          Formula={Formula}
        />
      </div>
    </div>
  );
}

function TimelineOnSheet({ width }: { readonly width: number }) {
  const format = useAnswerFormat();
  const draft = useDocumentState((state) => state.draft);
  const outcome = useDocumentState((state) => state.outcome);
  const layout = useMemo(
    () =>
      layOut(
        sketchOf(draft, outcome, format),
        { width, height: TIMELINE_HEIGHT, isSmall: false },
        format,
      ),
    [draft, outcome, width, format],
  );
  return <TimelinePicture layout={layout} />;
}
