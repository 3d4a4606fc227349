import { addVariant, dropVariantFact } from "@kestrelmoor/core/typing";
import { useDeferredValue, useMemo, useState } from "react";
import { followUpWords } from "@kestrelmoor/core";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocument, useDocumentState } from "../../document/document-context";
import { AddVariant } from "./AddVariant";
import { columnsOf, nameOfVariant, variableFacts, type FactRow } from "./columns";
import { FactCell, cellId } from "./FactCell";
import { VariantHead } from "./VariantHead";
import { CrossIcon } from "../../../ui/CrossIcon";
import styles from "./Variants.module.css";

const placeOf = ({ line, fact }: Pick<FactRow, "line" | "fact">) => `${line} ${fact}`;

/** The problem and its variants side by side: what differs, and what comes of it. */
export function VariantsView() {
  const store = useDocument();
  const format = useAnswerFormat();
  const state = useDocumentState((now) => now);
  const { draft, outcome } = state;
  const { variants } = draft;
  // Whoever types sees the text and the problem's own answer first, and the columns right after it.
  const settled = useDeferredValue(state);
  const columns = useMemo(
    () => columnsOf(settled.draft, settled.outcome, format),
    [settled, format],
  );
  const facts = useMemo(() => variableFacts(draft), [draft]);
  /** Rows that somebody has opened and that say nothing different yet. */
  const [opened, setOpened] = useState<readonly string[]>([]);

  const isChanged = ({ line, fact }: FactRow) =>
    variants.some(({ changes }) =>
      changes.some((change) => change.line === line && change.fact === fact),
    );
  const rows = facts.filter((row) => isChanged(row) || opened.includes(placeOf(row)));

  const vary = (row: FactRow) => {
    setOpened((places) => [...places, placeOf(row)]);
    let target = variants.findLast(({ changes }) => changes.length === 0)?.id;
    if (target === undefined) {
      store.edit((writable) => (target = addVariant(writable)?.id));
    }
    const field = cellId(target ?? "", row.line, row.fact);
    // The menu gives the focus back to its button as it closes; the new field takes it after that.
    setTimeout(() => document.getElementById(field)?.focus(), 80);
  };
  const openRow = (row: FactRow) => setOpened((places) => [...places, placeOf(row)]);

  if (variants.length === 0) {
    return (
      <div className={styles.empty}>
        <p>
          Keep this answer and change one thing: the changed problem stands beside this one, and
          what differs between them is marked.
        </p>
        <AddVariant facts={facts} onVary={vary} />
      </div>
    );
  }
  const { problem } = outcome;
  const questions = outcome.reading.also.map(({ question }) =>
    question === null || problem === null ? null : followUpWords(question, problem),
  );
  return (
    <>
      <div className={styles.scroll} role="region" aria-label="Comparison" tabIndex={0}>
        <table className={styles.table}>
          <thead>
            <tr>
              <td />
              <th scope="col" className={styles.own}>
                This problem
              </th>
              {variants.map((variant, index) => (
                <VariantHead
                  key={variant.id}
                  variant={variant}
                  index={index}
                  count={variants.length}
                  saysItself={nameOfVariant(draft, { ...variant, name: "" })}
                />
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={placeOf(row)}>
                <th scope="row">
                  {row.name}
                  <button
                    type="button"
                    className={styles.drop}
                    aria-label={`Have it alike everywhere: ${row.name}`}
                    title="Have it alike everywhere"
                    onClick={() => {
                      setOpened((places) => places.filter((place) => place !== placeOf(row)));
                      store.edit((writable) => dropVariantFact(writable, row.line, row.fact));
                    }}
                  >
                    <CrossIcon />
                  </button>
                </th>
                <FactCell draft={draft} row={row} variant={null} columnName="this problem" />
                {variants.map((variant) => (
                  <FactCell
                    key={variant.id}
                    draft={draft}
                    row={row}
                    variant={variant}
                    columnName={nameOfVariant(draft, variant)}
                  />
                ))}
              </tr>
            ))}
            <tr className={styles.answers}>
              <th scope="row">Answer</th>
              {columns.map(({ answer, complaint }, index) => (
                <td key={index}>
                  {answer ?? <span className={styles.complaint}>{complaint}</span>}
                </td>
              ))}
            </tr>
            <FigureRow name="Difference" figures={columns.map(({ difference }) => difference)} />
            <FigureRow name="in percent" figures={columns.map(({ percent }) => percent)} />
            <FigureRow name="Interest" figures={columns.map(({ interest }) => interest)} />
            {questions.map(
              (words, place) =>
                words !== null && (
                  <FigureRow
                    key={place}
                    name={words}
                    figures={columns.map(({ further }) => further[place] ?? null)}
                  />
                ),
            )}
          </tbody>
        </table>
      </div>
      <AddVariant facts={facts} onVary={vary} onOpenRow={openRow} />
    </>
  );
}

function FigureRow(props: { readonly name: string; readonly figures: readonly (string | null)[] }) {
  const { name, figures } = props;
  if (figures.every((figure) => figure === null)) return null;
  return (
    <tr>
      <th scope="row">{name}</th>
      {figures.map((figure, index) => (
        <td key={index}>{figure}</td>
      ))}
    </tr>
  );
}
