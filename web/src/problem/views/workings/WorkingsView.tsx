import type { SolvedProblem } from "@kestrelmoor/core";
import { Fragment, useMemo, useRef, type PointerEvent } from "react";
import { useCover } from "../../answer/covered";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocument } from "../../document/document-context";
import { Solved } from "../Solved";
import { useWishedFocal } from "../../timeline/focal-date";
import { FormulaCards } from "./FormulaCards";
import { goTo, lightUp } from "./light";
import { workingsParts } from "./parts";
import { sourceOf, sourcesOf, type Source } from "./sources";
import { StepItem } from "./StepItem";
import { useWorkingsStyle } from "./workings-choice";
import { WorkingsTools } from "./WorkingsTools";
import styles from "./Workings.module.css";

/** Formulas are costly to set; while somebody types they wait for the next pause. */
const SETS_AFTER_MS = 120;

/** How the answer is got, step by step, with this problem's own numbers. */
export function WorkingsView() {
  const { isCovered } = useCover();
  return (
    <Solved
      pause={SETS_AFTER_MS}
      before="When the problem has an answer, the workings appear here step by step."
    >
      {(solved) => (isCovered ? <Covered solved={solved} /> : <WorkingsOf solved={solved} />)}
    </Solved>
  );
}

/** The workings end in the answer, so they are covered with it. */
function Covered({ solved }: { readonly solved: SolvedProblem }) {
  return (
    <>
      <p className={styles.sentence}>
        The workings are covered with the answer. “Mark my answer” gives hints, one at a time.
      </p>
      <FormulaCards solved={solved} />
    </>
  );
}

function WorkingsOf({ solved }: { readonly solved: SolvedProblem }) {
  const store = useDocument();
  const choice = useWorkingsStyle();
  const format = useAnswerFormat();
  const focal = useWishedFocal();
  const parts = useMemo(
    () => workingsParts(solved, { ...choice, format, focal }),
    [solved, choice, format, focal],
  );
  const dim = useRef<(() => void) | null>(null);
  const sourceAt = (target: EventTarget): Source | null => {
    const number = target instanceof Element ? target.closest("[data-from]") : null;
    const id = number?.getAttribute("data-from");
    const quantity = parts.flatMap(({ made }) => made.quantities).find((one) => one.id === id);
    return quantity === undefined
      ? null
      : sourceOf(quantity, parts, store.getState().draft, choice.rounding);
  };
  const point = ({ target }: PointerEvent) => {
    dim.current?.();
    const source = sourceAt(target);
    dim.current = source === null ? null : lightUp(source);
  };
  return (
    <>
      <WorkingsTools parts={parts} />
      <FormulaCards solved={solved} />
      <div
        onPointerOver={point}
        onPointerLeave={() => dim.current?.()}
        onClick={({ target }) => {
          const source = sourceAt(target);
          if (source !== null && getSelection()?.isCollapsed !== false) goTo(source);
        }}
      >
        {parts.map(({ question, made, before }) => (
          <Fragment key={before}>
            {question !== null && <h3 className={styles.question}>{question}</h3>}
            <ol start={before + 1}>
              {made.steps.map((step, place) => (
                <StepItem
                  key={`${place} ${step.kind}`}
                  step={step}
                  index={before + place}
                  choice={choice}
                  sourcesNow={() =>
                    sourcesOf(step, before + place, parts, store.getState().draft, choice.rounding)
                  }
                />
              ))}
            </ol>
          </Fragment>
        ))}
      </div>
    </>
  );
}
