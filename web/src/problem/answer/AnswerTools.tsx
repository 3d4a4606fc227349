import { addSum, keepAsVariant, MOST_VARIANTS } from "@kestrelmoor/core/typing";
import { lazy, memo, Suspense, useState } from "react";
import { untilLoaded } from "../../ui/until-loaded";
import { useDocument } from "../document/document-context";
import { useAdding } from "../lines/use-adding";
import { showNotice } from "../../ui/notices";
import { NextPart } from "../parts/NextPart";
import { useIsOnlyPart } from "../parts/use-question";
import { useView } from "../views/view-choice";
import { AskFurther } from "./AskFurther";
import { useCover } from "./covered";
import { QuietButton } from "../../ui/Buttons";
import styles from "./Answer.module.css";

const FormatDialog = lazy(() => untilLoaded(() => import("./FormatDialog")));

/** What can be done with an answer; no key changes it. */
export const AnswerTools = memo(function AnswerTools() {
  const store = useDocument();
  const { add } = useAdding();
  // With others beside it, it stands in their row.
  const isOnly = useIsOnlyPart();
  const { open } = useView();
  const { isWanted, cover } = useCover();
  const [isFormatOpen, setFormatOpen] = useState(false);
  const keep = () => {
    const before = store.getState().draft.variants.length;
    store.edit((draft) => void keepAsVariant(draft));
    const { variants } = store.getState().draft;
    const kept = variants.length > before ? variants.at(-1) : undefined;
    open("variants");
    showNotice({
      kind: "done",
      text:
        kept === undefined
          ? `The limit is ${MOST_VARIANTS} variants. Remove one first.`
          : `“${kept.name}” is now a variant. Continue to change the lines.`,
    });
  };
  return (
    <div className={styles.tools}>
      <AskFurther />
      {isOnly && <NextPart />}
      <QuietButton onClick={() => add(addSum, "sum")}>Add a calculation</QuietButton>
      <QuietButton onClick={keep}>Keep and vary</QuietButton>
      <QuietButton
        onClick={() => {
          open("variants");
          document.getElementById("views")?.scrollIntoView({ block: "nearest" });
        }}
      >
        Compare variants
      </QuietButton>
      <QuietButton onClick={() => cover(!isWanted)}>
        {isWanted ? "Do not cover the answer" : "Cover the answer"}
      </QuietButton>
      <QuietButton onClick={() => setFormatOpen(true)}>Number format </QuietButton>
      {isFormatOpen && (
        <Suspense>
          <FormatDialog onClose={() => setFormatOpen(false)} />
        </Suspense>
      )}
    </div>
  );
});
