import { sentenceOf, sharesAt, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import { namedFlow, readTime } from "@kestrelmoor/core/typing";
import { useState } from "react";
import { CopyFigure } from "../../answer/CopyFigure";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { useFocalDate } from "../../timeline/focal-date";
import { whenWords, yearsInWords } from "../../timeline/timeline-words";
import styles from "./Shares.module.css";

/** What every line is worth at one date, adding up to the whole: an amount contributes what it is worth there. */
export function SharesView() {
  const draft = useDocumentState((state) => state.draft);
  const result = useDocumentState(({ outcome }) => outcome.result);
  const format = useAnswerFormat();
  const [years, setYears] = useFocalDate();
  if (result?.ok !== true) {
    return (
      <p className={styles.quiet}>
        Once the problem has an answer, this adds up what each line is worth at a date of your
        choice.
      </p>
    );
  }
  const today = sharesAt(result.value.settled, 0);
  const then = sharesAt(result.value.settled, years);
  const when = whenWords(years);
  const isToday = years === 0;
  return (
    <>
      <DateField years={years} onChange={setYears} />
      <div className={styles.scroll} role="region" aria-label="Worth of each line" tabIndex={0}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Worth today</th>
              {!isToday && <th scope="col">Worth {when}</th>}
            </tr>
          </thead>
          <tbody>
            {draft.flows.map((line, index) => {
              const { id, label = "" } = namedFlow(line);
              const name = label === "" ? `Line ${index + 1}` : label;
              return (
                <tr key={id}>
                  <th scope="row">{name}</th>
                  <Worth worth={today.flows[index]?.worth} of={name} format={format} />
                  {!isToday && (
                    <Worth
                      worth={then.flows[index]?.worth}
                      of={`${name} ${when}`}
                      format={format}
                    />
                  )}
                </tr>
              );
            })}
            <tr className={styles.together}>
              <th scope="row">Together</th>
              <Worth worth={today.together} of="all lines" format={format} />
              {!isToday && <Worth worth={then.together} of={`all lines ${when}`} format={format} />}
            </tr>
          </tbody>
        </table>
      </div>
      <p className={styles.quiet}>
        Amounts at different times are not added as they are: each is first moved to the same date.
      </p>
    </>
  );
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
      <CopyFigure text={isMinus ? writeMoney(worth, format) : size} what={`the worth of ${of}`} />
    </td>
  );
}

interface DateFieldProps {
  readonly years: number;
  readonly onChange: (years: number) => void;
}

/** The date, typed; the handle under the axis moves the same one. */
function DateField({ years, onChange }: DateFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = readTime(typed ?? "today");
  const isMistaken = typed !== null && !read.ok;
  return (
    <p className={styles.sentence}>
      <label>
        Everything moved to one date:{" "}
        <input
          className={styles.date}
          aria-invalid={isMistaken}
          maxLength={60}
          value={typed ?? yearsInWords(years)}
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
        <span className={styles.complaint}>{sentenceOf(read.issues[0] ?? MISSING)}</span>
      )}
    </p>
  );
}

const MISSING = { code: "time-missing", path: [] } as const;
