import {
  growthFactor,
  growthOf,
  sentenceOf,
  sharesAt,
  writeMoney,
  type AnswerFormat,
  type SettledTimeline,
  USUAL_FORMAT,
} from "@kestrelmoor/core";
import { namedFlow, readTime } from "@kestrelmoor/core/typing";
import { Fragment, useState } from "react";
import { Solved } from "../Solved";
import { CopyFigure } from "../../answer/CopyFigure";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { useFocalDate } from "../../timeline/focal-date";
import { whenWords, yearsInWords } from "../../timeline/timeline-words";
import styles from "./Shares.module.css";

/** What every line is worth at one date, adding up to the whole: an amount contributes what it is worth there. */
export function SharesView() {
  return (
    <Solved before="When the problem has an answer, you see each line's value at any date.">
      {({ paid }) => <Shares paid={paid} />}
    </Solved>
  );
}

function Shares({ paid }: { readonly paid: SettledTimeline }) {
  const draft = useDocumentState((state) => state.draft);
  const format = useAnswerFormat();
  const [years, setYears] = useFocalDate();
  const today = sharesAt(paid, 0);
  const then = sharesAt(paid, years);
  const growth = growthOf(paid);
  const when = whenWords(years, format);
  const isToday = years === 0;
  return (
    <>
      <DateField years={years} onChange={setYears} />
      <div className={styles.scroll} role="region" aria-label="Value of each line" tabIndex={0}>
        <table className={`figures ${styles.table ?? ""}`}>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Present value</th>
              {!isToday && <th scope="col">Value {when}</th>}
            </tr>
          </thead>
          <tbody>
            {draft.flows.map((line, index) => {
              const { id, label = "" } = namedFlow(line);
              const name = label === "" ? `Line ${index + 1}` : label;
              return (
                <Fragment key={id}>
                  <ShareRow
                    name={name}
                    today={today.flows[index]?.worth}
                    then={isToday ? undefined : then.flows[index]?.worth}
                    when={when}
                    format={format}
                  />
                  {amountsOf(paid, index).map(({ at, amount }, place) => (
                    <ShareRow
                      key={place}
                      isPart
                      name={whenWords(at, format)}
                      today={amount * growthFactor(growth, at, 0)}
                      then={isToday ? undefined : amount * growthFactor(growth, at, years)}
                      when={when}
                      format={format}
                    />
                  ))}
                </Fragment>
              );
            })}
            <tr className={styles.together}>
              <th scope="row">Net value</th>
              <Worth worth={today.together} of="all lines" format={format} />
              {!isToday && <Worth worth={then.together} of={`all lines ${when}`} format={format} />}
            </tr>
          </tbody>
        </table>
      </div>
      <p className={styles.quiet}>
        Amounts at different times cannot be added directly: first move each to the focal date.
      </p>
    </>
  );
}

interface ShareRowProps {
  readonly name: string;
  /** One amount of a line that has several. */
  readonly isPart?: boolean;
  readonly today: number | null | undefined;
  readonly then: number | null | undefined;
  readonly when: string;
  readonly format: AnswerFormat;
}

function ShareRow({ name, isPart = false, today, then, when, format }: ShareRowProps) {
  return (
    <tr className={isPart ? styles.part : undefined}>
      <th scope="row">{name}</th>
      <Worth worth={today} of={name} format={format} />
      {then !== undefined && <Worth worth={then} of={`${name} ${when}`} format={format} />}
    </tr>
  );
}

/** Longer lists are told as a whole. */
const MOST_PARTS = 24;

/** The amounts of a list, each at its own time; none for other lines and for long lists. */
function amountsOf({ flows }: SettledTimeline, index: number): { at: number; amount: number }[] {
  const flow = flows[index];
  const parts =
    flow?.kind === "list"
      ? flow.amounts.map((amount, place) => ({ amount, at: flow.begins + place / flow.frequency }))
      : flow?.kind === "dated"
        ? [...flow.entries]
        : [];
  return parts.length > MOST_PARTS ? [] : parts.filter(({ amount }) => amount !== 0);
}

interface WorthProps {
  readonly worth: number | null | undefined;
  readonly of: string;
  readonly format: AnswerFormat;
}

function Worth({ worth, of, format }: WorthProps) {
  if (worth === null || worth === undefined) return <td>–</td>;
  const size = writeMoney(Math.abs(worth), format);
  const isNothing = !/[1-9]/.test(size);
  const isMinus = format.moneyOut === "minus" && worth < 0 && !isNothing;
  return (
    <td>
      {!isNothing && <span className={styles.way}>{worth < 0 ? "out" : "in"}</span>}
      <CopyFigure text={isMinus ? writeMoney(worth, format) : size} what={`the value of ${of}`} />
    </td>
  );
}

interface DateFieldProps {
  readonly years: number;
  readonly onChange: (years: number) => void;
}

/** The date, typed; the handle under the axis moves the same one. */
function DateField({ years, onChange }: DateFieldProps) {
  const format = useAnswerFormat();
  const [typed, setTyped] = useState<string | null>(null);
  const read = readTime(typed ?? "today");
  const isMistaken = typed !== null && !read.ok;
  return (
    <p className={styles.sentence}>
      <label>
        Focal date:{" "}
        <input
          className={`ink-field ${styles.date ?? ""}`}
          aria-invalid={isMistaken}
          maxLength={60}
          value={typed ?? yearsInWords(years, USUAL_FORMAT)}
          onChange={({ target: { value } }) => {
            setTyped(value);
            const time = readTime(value);
            if (time.ok) onChange(time.value.years);
          }}
          onBlur={() => {
            if (read.ok) setTyped(null);
          }}
        />
      </label>
      {isMistaken && (
        <span className={styles.complaint}>{sentenceOf(read.issues[0] ?? MISSING, format)}</span>
      )}
    </p>
  );
}

const MISSING = { code: "time-missing", path: [] } as const;
