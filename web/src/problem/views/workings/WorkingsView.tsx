import { workings } from "@kestrelmoor/core/teaching";
import { useMemo, useRef, type PointerEvent } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocument, useDocumentState } from "../../document/document-context";
import { goTo, lightUp } from "./light";
import { sourceOf, sourcesOf, type Source } from "./sources";
import { StepItem } from "./StepItem";
import { useWorkingsChoice } from "./workings-choice";
import { WorkingsTools } from "./WorkingsTools";
import styles from "./Workings.module.css";

/** Formulas are costly to set; while somebody types they wait for the next pause. */
const SETS_AFTER_MS = 120;

/** How the answer is got, step by step, with this problem's own numbers. */
export function WorkingsView() {
  const store = useDocument();
  const now = useDocumentState((state) => state.outcome);
  const { problem, result } = useLingering(now, SETS_AFTER_MS);
  const { choice } = useWorkingsChoice();
  const format = useAnswerFormat();
  const made = useMemo(
    () =>
      problem !== null && result?.ok === true
        ? workings(problem, result.value, { ...choice, format })
        : null,
    [problem, result, choice, format],
  );
  const dim = useRef<(() => void) | null>(null);
  if (made === null) {
    return (
      <p className={styles.empty}>
        The workings appear here once the problem has an answer, each step with its own numbers.
      </p>
    );
  }
  const sourceAt = (target: EventTarget): Source | null => {
    const number = target instanceof Element ? target.closest("[data-from]") : null;
    const id = number?.getAttribute("data-from");
    const quantity = made.quantities.find((one) => one.id === id);
    return quantity === undefined
      ? null
      : sourceOf(quantity, made, store.getState().draft, choice.rounding);
  };
  const point = ({ target }: PointerEvent) => {
    dim.current?.();
    const source = sourceAt(target);
    dim.current = source === null ? null : lightUp(source);
  };
  return (
    <>
      <WorkingsTools workings={made} />
      <ol
        className={styles.steps}
        onPointerOver={point}
        onPointerLeave={() => dim.current?.()}
        onClick={({ target }) => {
          const source = sourceAt(target);
          if (source !== null && getSelection()?.isCollapsed !== false) goTo(source);
        }}
      >
        {made.steps.map((step, index) => (
          <StepItem
            key={`${index} ${step.kind}`}
            step={step}
            index={index}
            choice={choice}
            sourcesNow={() => sourcesOf(step, made, store.getState().draft, choice.rounding)}
          />
        ))}
      </ol>
    </>
  );
}
