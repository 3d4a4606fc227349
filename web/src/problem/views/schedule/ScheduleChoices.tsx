import {
  calendarDateWords,
  sentenceOf,
  type AnswerFormat,
  type Flow,
  type ScheduleOptions,
  type SolvedProblem,
} from "@kestrelmoor/core";
import { readDate, type DateOrder } from "@kestrelmoor/core/typing";
import { InkChoice } from "../../../ui/InkChoice";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { useFieldEditing } from "../../lines/use-line-editing";
import { datedByProblem, useFirstDate } from "./first-date";
import { useScheduleChoice } from "./schedule-choice";
import styles from "./Schedule.module.css";

interface ScheduleChoicesProps {
  readonly solved: SolvedProblem;
  readonly streams: readonly Flow[];
  readonly flow: string;
  /** The name of the schedule, such as "Amortization schedule". */
  readonly name: string;
}

/** The payments, the rounding and the first date of the schedule, as parts of a sentence. */
export function ScheduleChoices({ solved, streams, flow, name }: ScheduleChoicesProps) {
  const [, look] = useScheduleChoice();
  const { rounding, firstDate } = useDocumentState(({ draft }) => draft.schedule);
  const { type, leave, change } = useFieldEditing();
  const order = useDocumentState(({ draft }) => draft.conventions.dateOrder);
  const format = useAnswerFormat();
  const date = useFirstDate(solved, flow);
  const own = datedByProblem(solved, flow);
  const isWrong = firstDate.trim() !== "" && date === null;
  return (
    <>
      <p className={styles.sentence}>
        {name} for{" "}
        {streams.length === 1 ? (
          <strong>{nameOf(streams[0])}</strong>
        ) : (
          <InkChoice
            label="Which payments"
            value={flow}
            options={streams.map((stream) => [stream.id, nameOf(stream)])}
            onChoose={(id) => look({ flow: id, open: null })}
          />
        )}
        ,{" "}
        <InkChoice<ScheduleOptions["rounding"]>
          label="Rounding"
          value={rounding}
          options={[
            ["none", "unrounded (as in a textbook)"],
            ["cent", "rounded to the cent (as a lender does)"],
          ]}
          onChoose={(wanted) =>
            change(({ schedule }) => {
              schedule.rounding = wanted;
            })
          }
        />
        , first payment on{" "}
        <input
          className={`ink-field ${styles.date ?? ""}`}
          aria-label="Date of the first payment"
          aria-invalid={isWrong}
          placeholder={own === null ? "no date" : calendarDateWords(own)}
          maxLength={24}
          value={firstDate}
          onChange={({ target }) => {
            look({ open: null });
            type("schedule-first-date", ({ schedule }) => {
              schedule.firstDate = target.value;
            });
          }}
          onBlur={leave}
        />
        .
      </p>
      {isWrong && <p className="complaint">{whyNoDate(firstDate, order, format)}</p>}
      {date !== null && (
        <p className={styles.quiet}>
          Later payments fall on the same day, or on the last day of a shorter month. Interest is
          still calculated in equal periods.
        </p>
      )}
    </>
  );
}

function whyNoDate(typed: string, order: DateOrder, format: AnswerFormat): string {
  const read = readDate(typed, order);
  const [reason] = read?.ok === false ? read.issues : [];
  return reason === undefined
    ? "Type a calendar date, such as 31 March 2027."
    : sentenceOf(reason, format);
}

function nameOf(stream: Flow | undefined): string {
  const label = stream?.label?.trim() ?? "";
  return label === "" ? "the payments" : label;
}
