import {
  growthFactor,
  growthOf,
  sentenceOf,
  sharesAt,
  writeMoney,
  type AnswerFormat,
  type SettledTimeline,
} from "@kestrelmoor/core";
import { namedFlow, readMoment } from "@kestrelmoor/core/typing";
import { useState } from "react";
import { Solved } from "../Solved";
import { CopyFigure } from "../../answer/CopyFigure";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { useTimesSaid } from "../../document/use-times-said";
import { useFocalDate } from "../../timeline/focal-date";
import { timeTyped, whenWords } from "../../timeline/timeline-words";
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
  const { calendar } = useTimesSaid();
  const when = whenWords(years, format, calendar);
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
      <DateField years={years} isOwn={paid.focal !== null} onChange={setYears} />
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
                    whenWords(at, format, calendar),
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
  /** It is the problem's own, and is changed when it is whole: half a date would be another problem. */
  readonly isOwn: boolean;
  readonly onChange: (years: number) => void;
}

/** The date, typed; the handle under the axis moves the same one. */
function DateField({ years, isOwn, onChange }: DateFieldProps) {
  const format = useAnswerFormat();
  const [typed, setTyped] = useState<string | null>(null);
  const said = useTimesSaid();
  const read = readMoment(typed ?? "today", said);
  const isMistaken = typed !== null && !read.ok;
  const settle = () => {
    if (typed === null || !read.ok) return;
    if (isOwn) onChange(read.value.years);
    setTyped(null);
  };
  return (
    <p className={styles.sentence}>
      <label>
        Focal date:{" "}
        <input
          className={`ink-field ${styles.date ?? ""}`}
          aria-invalid={isMistaken}
          maxLength={60}
          value={typed ?? timeTyped(years, said.calendar)}
          onChange={({ target: { value } }) => {
            setTyped(value);
            const time = readMoment(value, said);
            if (time.ok && !isOwn) onChange(time.value.years);
          }}
          onKeyDown={({ key }) => {
            if (key === "Enter") settle();
          }}
          onBlur={settle}
        />
      </label>
      {isMistaken && (
        <span className={styles.complaint}>{sentenceOf(read.issues[0] ?? MISSING, format)}</span>
      )}
    </p>
  );
}

const MISSING = { code: "time-missing", path: [] } as const;
