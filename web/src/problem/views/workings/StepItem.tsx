import { useAnswerFormat } from "../../answer/use-answer-format";
import type { Step, StepTable } from "@kestrelmoor/core/teaching";
import { Fragment, useRef, useState } from "react";
import { ScrollableFormulas } from "../../../ui/ScrollableFormulas";
import { LineFormula } from "./LineFormula";
import { StepFigures } from "./StepFigures";
import { goTo, lightUp, stepId } from "./light";
import type { Source } from "./sources";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { WordButton } from "../../../ui/Buttons";
import styles from "./Workings.module.css";

interface StepItemProps {
  readonly step: Step;
  readonly index: number;
  readonly choice: WorkingsStyle;
  /** Looked up when somebody asks; left out where no field of the problem is behind the numbers. */
  readonly sourcesNow?: () => readonly Source[];
}

export function StepItem({ step, index, choice, sourcesNow }: StepItemProps) {
  const format = useAnswerFormat();
  const { kind, say, lines, table } = step;
  const [sources, setSources] = useState<readonly Source[] | null>(null);
  const isAnswer = kind === "answer";
  return (
    <li
      id={sourcesNow === undefined ? undefined : stepId(index)}
      tabIndex={-1}
      className={isAnswer ? styles.answer : styles.step}
    >
      {lines.length === 0 || sourcesNow === undefined ? (
        <span className={styles.number}>{index + 1}</span>
      ) : (
        <button
          type="button"
          className={styles.numberButton}
          aria-expanded={sources !== null}
          aria-label={`Step ${index + 1}: where its numbers come from`}
          title="Where the numbers come from"
          onClick={() => setSources(sources === null ? sourcesNow() : null)}
        >
          {index + 1}
        </button>
      )}
      <p className={lines.length === 0 && table === undefined ? styles.sayAlone : styles.say}>
        {say}
      </p>
      {(lines.length > 0 || table !== undefined) && (
        <div className={styles.mathematics}>
          {lines.length > 0 && (
            <ScrollableFormulas className={styles.formulas}>
              {lines.map((line, place) => (
                <Fragment key={place}>
                  {line.parts.length > 0 ? (
                    <LineFormula
                      line={line}
                      notation={choice.notation}
                      rounding={choice.rounding}
                      format={format}
                      isMarked
                    />
                  ) : (
                    <span />
                  )}
                  <span className={styles.note}>{line.note}</span>
                </Fragment>
              ))}
            </ScrollableFormulas>
          )}
          {table !== undefined && <Table table={table} of={say} />}
          {sources !== null && <Sources sources={sources} />}
        </div>
      )}
    </li>
  );
}

function Sources({ sources }: { readonly sources: readonly Source[] }) {
  if (sources.length === 0) {
    return <p className={styles.sources}>Every number is in this step.</p>;
  }
  return (
    <ul className={styles.sources} aria-label="Where the numbers come from">
      {sources.map((source, index) => (
        <SourceLink key={index} source={source} />
      ))}
    </ul>
  );
}

function SourceLink({ source }: { readonly source: Source }) {
  const dim = useRef<(() => void) | null>(null);
  const light = () => {
    dim.current?.();
    dim.current = lightUp(source);
  };
  return (
    <li>
      {source.figure} from{" "}
      <WordButton
        onPointerEnter={light}
        onPointerLeave={() => dim.current?.()}
        onFocus={light}
        onBlur={() => dim.current?.()}
        onClick={() => goTo(source)}
      >
        {source.words}
      </WordButton>
    </li>
  );
}

function Table({ table, of }: { readonly table: StepTable; readonly of: string }) {
  return (
    <div className={styles.scroll} role="region" aria-label={`Table: ${of}`} tabIndex={0}>
      <StepFigures table={table} className={styles.table} />
    </div>
  );
}
