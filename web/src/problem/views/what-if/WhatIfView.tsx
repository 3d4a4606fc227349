import { useDeferredValue, useMemo } from "react";
import { useDocument, useDocumentState } from "../../document/document-context";
import { firstChoice, rangeFor, useWhatIfChoice } from "./choice";
import { RangeFields } from "./RangeFields";
import { sweepFields, type SweepField } from "./sweep-fields";
import { Sweeps } from "./Sweeps";
import { WordButton } from "../../../ui/Buttons";
import styles from "./WhatIf.module.css";

/** What becomes of the answer when one figure is varied, or two. */
export function WhatIfView() {
  const store = useDocument();
  const state = useDeferredValue(useDocumentState((now) => now));
  const { draft, outcome } = state;
  const [choice, choose] = useWhatIfChoice(store);
  const { problem, solved } = outcome;
  const fields = useMemo(
    () => (problem === null ? [] : sweepFields(draft, problem)),
    [draft, problem],
  );
  const fieldOf = (key: string | undefined) => fields.find((field) => field.key === key) ?? null;
  const across = fieldOf(choice.first?.key) ?? firstChoice(fields);
  const down = fieldOf(choice.second?.key);
  const answer = solved?.answers[0] ?? null;

  if (problem === null || across === null || answer === null) {
    return (
      <p className="quiet">
        When the problem has an answer, this chart shows how it changes with any input.
      </p>
    );
  }
  const first = choice.first?.key === across.key ? choice.first : rangeFor(across);
  const second = down === null ? null : choice.second;
  const others = fields.filter(({ key }) => key !== across.key);
  const startAt = (key: string): SweepField => fieldOf(key) ?? across;
  return (
    <>
      <div className={styles.sentence}>
        What if
        <RangeFields
          which="first"
          fields={fields.filter(({ key }) => key !== second?.key)}
          chosen={first}
          unit={across.unit}
          onChoose={(key) => choose({ first: rangeFor(startAt(key)), place: null })}
          onType={(range) => choose({ first: range, place: null })}
        />
        {second !== null && down !== null && (
          <>
            and
            <RangeFields
              which="second"
              fields={others}
              chosen={second}
              unit={down.unit}
              onChoose={(key) => choose({ second: rangeFor(startAt(key)), place: null })}
              onType={(range) => choose({ second: range, place: null })}
            />
            <WordButton onClick={() => choose({ second: null, place: null })}>
              Remove the second input
            </WordButton>
          </>
        )}
        {second === null && others[0] !== undefined && (
          <WordButton
            onClick={() => {
              const next = firstChoice(others);
              if (next !== null) choose({ first, second: rangeFor(next), place: null });
            }}
          >
            and a second input
          </WordButton>
        )}
      </div>
      <Sweeps
        problem={problem}
        answer={answer}
        across={across}
        down={down}
        first={first}
        second={second}
        place={choice.place}
        // From the first move on the range stays, though what it was made around may change.
        onPlace={(place) => choose({ first, second, place })}
      />
    </>
  );
}
