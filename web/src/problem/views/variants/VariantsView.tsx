import { addVariant, dropVariantFact, fieldText } from "@kestrelmoor/core/typing";
import { useCallback, useMemo, useState } from "react";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocument, useDocumentState } from "../../document/document-context";
import { AddVariant } from "./AddVariant";
import {
  changeIn,
  columnsOf,
  differingFacts,
  figureRows,
  nameOfVariant,
  variableFacts,
  type FactRow,
} from "./columns";
import { FactCell, cellId } from "./FactCell";
import { VariantHead } from "./VariantHead";
import { DropButton } from "../../../ui/Buttons";
import { focusAfterMenu } from "../../../ui/focus";
import { Sideways } from "../../../ui/Sideways";
import styles from "./Variants.module.css";

const placeOf = ({ line, fact }: Pick<FactRow, "line" | "fact">) => `${line} ${fact}`;

/** The problem and its variants side by side: what differs, and what comes of it. */
export function VariantsView() {
  const store = useDocument();
  const format = useAnswerFormat();
  const draft = useDocumentState((state) => state.draft);
  const outcome = useDocumentState((state) => state.outcome);
  const { variants } = draft;
  const columns = useMemo(() => columnsOf(draft, outcome, format), [draft, outcome, format]);
  const facts = useMemo(() => variableFacts(draft), [draft]);
  /** Rows that somebody has opened and that say nothing different yet. */
  const [opened, setOpened] = useState<readonly string[]>([]);

  const differing = differingFacts(draft).map(placeOf);
  const rows = facts.filter((row) => [...differing, ...opened].includes(placeOf(row)));

  const openRow = useCallback((row: FactRow) => {
    setOpened((places) => [...places, placeOf(row)]);
  }, []);
  const vary = useCallback(
    (row: FactRow) => {
      openRow(row);
      const { draft: now } = store.getState();
      let target = now.variants.findLast(({ changes }) => changes.length === 0)?.id;
      if (target === undefined) {
        store.edit((writable) => (target = addVariant(writable)?.id));
      }
      focusAfterMenu(cellId(target ?? "", row.line, row.fact));
    },
    [store, openRow],
  );

  if (variants.length === 0) {
    return (
      <div className={styles.empty}>
        <p>
          Change one input and compare the two answers side by side (scenario analysis). Differences
          are marked.
        </p>
        <AddVariant onVary={vary} />
      </div>
    );
  }
  const openAndGoTo = (row: FactRow) => {
    openRow(row);
    focusAfterMenu(cellId(variants[0]?.id ?? "", row.line, row.fact));
  };
  return (
    <>
      <Sideways name="Comparison" className={styles.scroll}>
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
                  <DropButton
                    className={styles.drop ?? ""}
                    aria-label={`Use this value in all variants: ${row.name}`}
                    title="Use this value in all variants"
                    onClick={() => {
                      setOpened((places) => places.filter((place) => place !== placeOf(row)));
                      store.edit((writable) => dropVariantFact(writable, row.line, row.fact));
                    }}
                  />
                </th>
                <td>{fieldText(draft, row.line, row.fact, row.text)}</td>
                {variants.map((variant) => (
                  <FactCell
                    key={variant.id}
                    id={variant.id}
                    line={row.line}
                    fact={row.fact}
                    name={`${row.name}, in ${nameOfVariant(draft, variant)}`}
                    own={changeIn(variant, row)}
                    text={row.text}
                    options={row.options}
                    quotations={row.fact === "quotation" ? draft : null}
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
            {figureRows(draft, outcome, columns, format).map(({ name, figures }, place) => (
              <tr key={`${place} ${name}`}>
                <th scope="row">{name}</th>
                {figures.map((figure, index) => (
                  <td key={index}>{figure}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <AddVariant onVary={vary} onOpenRow={openAndGoTo} />
    </>
  );
}
