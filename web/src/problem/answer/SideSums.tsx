import { sentenceOf, type AnswerFormat } from "@kestrelmoor/core";
import {
  namedFigures,
  SUMS,
  workOutSums,
  writeSum,
  type NamedFigure,
  type SideSum,
} from "@kestrelmoor/core/typing";
import { useMemo, useRef, useState } from "react";
import { useLingering } from "../../ui/use-lingering";
import { useDocumentState } from "../document/document-context";
import { fieldId } from "../lines/field-id";
import { useFieldEditing } from "../lines/use-line-editing";
import { COMPLAINS_AFTER_MS } from "../lines/TypedField";
import { CopyFigure } from "./CopyFigure";
import { sumText } from "./sum-text";
import { DropButton } from "../../ui/Buttons";
import styles from "./Answer.module.css";

/** The names stay for a moment: were they gone at once, what is clicked would slip from under the click. */
const CLOSES_AFTER_MS = 250;

const NO_FIGURES: readonly NamedFigure[] = [];

/** Ordinary arithmetic with the answer and what goes with it, kept with the problem and always up to date. */
export function SideSums({ format }: { readonly format: AnswerFormat }) {
  const sums = useDocumentState(({ draft }) => draft.sums);
  const solved = useDocumentState(({ outcome }) => outcome.solved);
  const named = useMemo(() => (solved === null ? null : namedFigures(solved)), [solved]);
  const [openSum, setOpenSum] = useState<string | null>(null);
  const closing = useRef<ReturnType<typeof setTimeout>>(undefined);
  const worked = useMemo(() => workOutSums(sums, named ?? NO_FIGURES), [sums, named]);
  if (sums.length === 0) return null;
  return (
    <ul className={styles.further} aria-label="Calculations">
      {sums.map((sum, index) => {
        const own = worked[index];
        return (
          <SumRow
            key={sum.id}
            sum={sum}
            named={named}
            isFirst={index === 0}
            isOpen={openSum === sum.id}
            onFocus={() => {
              clearTimeout(closing.current);
              setOpenSum(sum.id);
            }}
            onBlur={() => {
              closing.current = setTimeout(() => setOpenSum(null), CLOSES_AFTER_MS);
            }}
            figure={own?.ok === true && named !== null ? sumText(own.value, format) : null}
            complaint={
              own?.ok === false && named !== null && own.issues[0]?.code !== "sum-missing"
                ? own.issues.map((issue) => sentenceOf(issue, format)).join(" ")
                : null
            }
          />
        );
      })}
    </ul>
  );
}

interface SumRowProps {
  readonly sum: SideSum;
  readonly named: readonly NamedFigure[] | null;
  readonly isFirst: boolean;
  /** Whether the names that can stand in it are shown. */
  readonly isOpen: boolean;
  readonly onFocus: () => void;
  readonly onBlur: () => void;
  readonly figure: string | null;
  readonly complaint: string | null;
}

function SumRow(props: SumRowProps) {
  const { sum, named, isFirst, isOpen, figure, complaint, onFocus, onBlur } = props;
  const { type, leave, change } = useFieldEditing();
  const field = useRef<HTMLInputElement>(null);
  const lingering = useLingering(complaint, COMPLAINS_AFTER_MS);
  const isTold = complaint !== null && (!isOpen || lingering === complaint);
  const { id, text } = sum;
  const write = (typed: string) => type(`${id}-sum`, (draft) => writeSum(draft, id, typed));
  const insert = (words: string) => {
    const input = field.current;
    const [from, to] = [input?.selectionStart ?? text.length, input?.selectionEnd ?? text.length];
    const before = text.slice(0, from);
    write(`${before}${/\S$/.test(before) ? " " : ""}${words} ${text.slice(to)}`.slice(0, 200));
    input?.focus();
  };
  return (
    <li onFocus={onFocus} onBlur={onBlur}>
      <input
        ref={field}
        id={fieldId(id, "sum")}
        className={styles.sum}
        aria-label="Calculation"
        aria-invalid={isTold}
        placeholder="answer / 20%"
        maxLength={200}
        spellCheck={false}
        autoComplete="off"
        value={text}
        onChange={(event) => write(event.target.value)}
        onBlur={leave}
      />
      <span className={styles.equals}>=</span>
      {figure === null ? (
        <span className={styles.noFigure}>–</span>
      ) : (
        <CopyFigure text={figure} what={`the calculation ${text}`} />
      )}
      <DropButton
        className={styles.drop ?? ""}
        aria-label={`Remove the calculation: ${text}`}
        title="Remove this calculation"
        onClick={() => change((draft) => SUMS.remove(draft, id))}
      />
      {isTold && <span className={styles.complaint}>{complaint}</span>}
      {isOpen && named !== null && (
        <span className={styles.names} role="group" aria-label="Names you can use">
          {namesFor(named, isFirst).map((words) => (
            <button key={words} type="button" onClick={() => insert(words)}>
              {words}
            </button>
          ))}
        </span>
      )}
    </li>
  );
}

/** The names on offer; an earlier name of a value is still read, but not offered. */
function namesFor(named: readonly NamedFigure[], isFirst: boolean): string[] {
  const offered = named.filter(({ isFormer }) => isFormer !== true).map(({ words }) => words);
  return isFirst ? offered : [...offered, "above"];
}
