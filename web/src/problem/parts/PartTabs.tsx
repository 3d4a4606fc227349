import { lazy, memo, Suspense, useDeferredValue, useMemo } from "react";
import { LateDropdown } from "../../ui/LateDropdown";
import { MoreButton } from "../../ui/Buttons";
import { TabRow } from "../../ui/TabRow";
import { untilLoaded } from "../../ui/until-loaded";
import { useAnswerFormat } from "../answer/use-answer-format";
import { useCover } from "../answer/covered";
import { useDocument } from "../document/document-context";
import { NextPart } from "./NextPart";
import { partAnswer, partTitle } from "./part-words";
import { usePartEditing } from "./use-part-editing";
import { useQuestionState } from "./use-question";
import styles from "./Parts.module.css";

// Its field is the library's, which a page without it need not load.
const NamePart = lazy(() => untilLoaded(() => import("./NamePart")));

/** The id of what is shown of the open part. */
export const PART_PANEL = "part";

/** The parts of the question in a row, each with its answer; nothing where there is only one. */
export const PartTabs = memo(function PartTabs() {
  const { question } = useDocument();
  // The answer of the open part comes first.
  const parts = useDeferredValue(useQuestionState((state) => state.parts));
  const open = useQuestionState((state) => state.open);
  const format = useAnswerFormat();
  const { covers } = useCover();
  const { remove, naming, setNaming } = usePartEditing();
  const tabs = useMemo(
    () =>
      parts.map((part) => {
        const { label } = part.draft.part;
        const isHidden = part.solved !== null && covers(label);
        const [title, answer] = [partTitle(part), isHidden ? "?" : partAnswer(part, format)];
        const figure = part.solved === null || isHidden ? styles.waiting : styles.figure;
        return {
          key: label,
          name: (
            <>
              ({label}) {title} <span className={figure}>{answer}</span>
            </>
          ),
        };
      }),
    [parts, format, covers],
  );
  if (parts.length < 2) return null;
  return (
    <div className={styles.row}>
      <TabRow
        label="Parts of the question"
        panel={PART_PANEL}
        tabs={tabs}
        open={open}
        onOpen={question.open}
      />
      <LateDropdown
        menu={{
          items: [
            { key: "name", label: `Name part (${open})` },
            { key: "remove", label: `Remove part (${open})` },
          ],
          onClick: ({ key }) => (key === "name" ? setNaming(true) : remove(open)),
        }}
      >
        <MoreButton aria-label={`More for part (${open})`} />
      </LateDropdown>
      <NextPart />
      {naming && (
        <Suspense>
          <NamePart onClose={() => setNaming(false)} />
        </Suspense>
      )}
    </div>
  );
});
