import type { FieldName } from "@kestrelmoor/core";
import { setVariantFact, type Draft } from "@kestrelmoor/core/typing";
import { memo } from "react";
import { useFieldEditing } from "../../lines/use-line-editing";
import { quotationChoices, wordChoices } from "./choices";
import styles from "./Variants.module.css";

/** The page's id of what a variant says of a fact. */
export function cellId(variant: string, line: string, fact: string): string {
  return `variant-${variant}-${line}-${fact}`;
}

interface FactCellProps {
  /** Of the variant. */
  readonly id: string;
  readonly line: string;
  readonly fact: FieldName;
  /** Fact and column, for those who do not see where the cell stands. */
  readonly name: string;
  /** What the variant says; `null` where it says what the problem does. */
  readonly own: string | null;
  /** What the problem says. */
  readonly text: string;
  /** Of a choice between a few words: all of them. */
  readonly options: readonly string[] | undefined;
  /** The problem, for the quotation of one of its rates. */
  readonly quotations: Draft | null;
}

/** What one column says of one fact; only what differs from the problem is marked. */
export const FactCell = memo(function FactCell(props: FactCellProps) {
  const { id, line, fact, name, own, options, quotations } = props;
  const { type, leave, change } = useFieldEditing();
  const text = own ?? props.text;
  const write = (typed: string) => (draft: Draft) =>
    setVariantFact(draft, id, { line, fact, text: typed });
  const look = own === null ? styles.same : styles.changed;
  const quoted = quotations === null ? null : quotationChoices(quotations, line);
  const choices = options === undefined ? quoted : wordChoices(options);
  const described = { id: cellId(id, line, fact), "aria-label": name };
  return (
    <td>
      {choices === null ? (
        <input
          {...described}
          className={look}
          autoComplete="off"
          spellCheck={false}
          maxLength={fact === "amounts" || fact === "entries" ? 100_000 : 200}
          size={Math.min(28, Math.max(6, text.length + 1))}
          value={text}
          // What this problem asks is asked in every column: the mark of the unknown has no place here.
          onChange={({ target: { value } }) => {
            type(`${id}-${line}-${fact}`, write(value.replace(/[?？]/g, "")));
          }}
          onFocus={(event) => event.currentTarget.select()}
          onBlur={leave}
        />
      ) : (
        <select
          {...described}
          className={look}
          value={text}
          onChange={({ target: { value } }) => change(write(value))}
        >
          {choices.map(({ value, label }) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </select>
      )}
    </td>
  );
});
