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
import { useState } from "react";
import { Solved } from "../Solved";
import { CopyFigure } from "../../answer/CopyFigure";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { useFocalDate } from "../../timeline/focal-date";
import { whenWords, yearsInWords } from "../../timeline/timeline-words";
import { Figures } from "../../../ui/Figures";
import { Sideways } from "../../../ui/Sideways";
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
  const [years, setYears] = useFocalDate(paid);
  const today = sharesAt(paid, 0);
  const then = sharesAt(paid, years);
  const growth = growthOf(paid);
  const when = whenWords(years, format);
  const isToday = years === 0;
  const row = (key: string, name: string, now: WorthAt, later: WorthAt, of = name) => ({
    key,
    cells: [
      name,
      <Worth worth={now} of={of} format={format} />,
      ...(isToday ? [] : [<Worth worth={later} of={`${of} ${when}`} format={format} />]),
    ],
  });
  return (
    <>
      <DateField years={years} onChange={setYears} />
      <Sideways name="Value of each line">
        <Figures
          className={styles.table}
          heads={["Line", "Present value", ...(isToday ? [] : [`Value ${when}`])]}
          rows={[
            ...draft.flows.flatMap((line, index) => {
              const { id, label = "" } = namedFlow(line);
              const name = label === "" ? `Line ${index + 1}` : label;
              return [
                row(id, name, today.flows[index]?.worth, then.flows[index]?.worth),
                ...amountsOf(paid, index).map(({ at, amount }, place) => ({
                  ...row(
                    `${id} ${place}`,
                    whenWords(at, format),
                    amount * growthFactor(growth, at, 0),
                    amount * growthFactor(growth, at, years),
                  ),
                  className: styles.part,
                })),
              ];
            }),
            {
              ...row("net", "Net value", today.together, then.together, "all lines"),
              className: styles.together,
            },
          ]}
        />
      </Sideways>
      <p className="quiet">
        Amounts at different times cannot be added directly: first move each to the focal date.
      </p>
    </>
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

/** `null` where it is too large to tell. */
type WorthAt = number | null | undefined;

interface WorthProps {
  readonly worth: WorthAt;
  readonly of: string;
  readonly format: AnswerFormat;
}

function Worth({ worth, of, format }: WorthProps) {
  if (worth === null || worth === undefined) return "–";
  const size = writeMoney(Math.abs(worth), format);
  const isNothing = !/[1-9]/.test(size);
  const isMinus = format.moneyOut === "minus" && worth < 0 && !isNothing;
  return (
    <>
      {!isNothing && <span className={styles.way}>{worth < 0 ? "out" : "in"}</span>}
      <CopyFigure text={isMinus ? writeMoney(worth, format) : size} what={`the value of ${of}`} />
    </>
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
