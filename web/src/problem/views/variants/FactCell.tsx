import { setVariantFact, type Draft, type Variant } from "@kestrelmoor/core/typing";
import { factText } from "@kestrelmoor/core/typing";
import { useFieldEditing } from "../../lines/use-line-editing";
import { choicesOf } from "./choices";
import type { FactRow } from "./columns";
import styles from "./Variants.module.css";

/** The page's id of what a variant says of a fact. */
export function cellId(variant: string, line: string, fact: string): string {
  return `variant-${variant}-${line}-${fact}`;
}

interface FactCellProps {
  readonly draft: Draft;
  readonly row: FactRow;
  /** `null` for the problem itself, which is changed on its lines. */
  readonly variant: Variant | null;
  readonly columnName: string;
}

/** What one column says of one fact; only what differs from the problem is marked. */
export function FactCell({ draft, row, variant, columnName }: FactCellProps) {
  const { type, leave, change } = useFieldEditing();
  const { line, fact, name } = row;
  if (variant === null) return <td>{factText(draft, line, fact, row.text)}</td>;
  const own = variant.changes.find((one) => one.line === line && one.fact === fact);
  const text = own?.text ?? row.text;
  const write = (typed: string) => (writable: Draft) =>
    setVariantFact(writable, variant.id, { line, fact, text: typed });
  const look = own === undefined ? styles.same : styles.changed;
  const choices = choicesOf(draft, line, fact);
  const described = {
    id: cellId(variant.id, line, fact),
    "aria-label": `${name}, in ${columnName}`,
  };
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
            type(`${variant.id}-${line}-${fact}`, write(value.replace(/[?？]/g, "")));
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
}
