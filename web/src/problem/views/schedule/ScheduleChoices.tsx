import type { Flow, ScheduleOptions } from "@kestrelmoor/core";
import { useDocumentState } from "../../document/document-context";
import { useFieldEditing } from "../../lines/use-line-editing";
import { dateIn } from "./first-date";
import { useScheduleChoice } from "./schedule-choice";
import styles from "./Schedule.module.css";

interface ScheduleChoicesProps {
  readonly streams: readonly Flow[];
  readonly flow: string;
}

/** Of which payments, how they are counted, and when the first one falls, as parts of a sentence. */
export function ScheduleChoices({ streams, flow }: ScheduleChoicesProps) {
  const [, look] = useScheduleChoice();
  const { rounding, firstDate } = useDocumentState(({ draft }) => draft.schedule);
  const { type, leave, change } = useFieldEditing();
  const isWrong = firstDate.trim() !== "" && dateIn(firstDate) === null;
  return (
    <>
      <p className={styles.sentence}>
        The schedule of{" "}
        {streams.length === 1 ? (
          <strong>{nameOf(streams[0])}</strong>
        ) : (
          <select
            className="ink-choice"
            aria-label="Which payments"
            value={flow}
            onChange={({ target }) => look({ flow: target.value, open: null })}
          >
            {streams.map((stream) => (
              <option key={stream.id} value={stream.id}>
                {nameOf(stream)}
              </option>
            ))}
          </select>
        )}
        , counted{" "}
        <select
          className="ink-choice"
          aria-label="How it is counted"
          value={rounding}
          onChange={({ target }) =>
            change(({ schedule }) => {
              schedule.rounding = target.value as ScheduleOptions["rounding"];
            })
          }
        >
          <option value="none">with every digit, as the textbook does</option>
          <option value="cent">in whole cents, as a lender does</option>
        </select>
        , the first payment on{" "}
        <input
          className={`ink-field ${styles.date ?? ""}`}
          aria-label="Date of the first payment"
          aria-invalid={isWrong}
          placeholder="no date"
          maxLength={10}
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
      {isWrong && (
        <p className={styles.complaint}>
          Write the date as year-month-day, such as 2027-03-31; it has to be one that the calendar
          has.
        </p>
      )}
      {dateIn(firstDate) !== null && (
        <p className={styles.quiet}>
          Later payments keep the day; where a month is too short for it they fall on its last day.
          Interest is reckoned by the textbook year all the same.
        </p>
      )}
    </>
  );
}

function nameOf(stream: Flow | undefined): string {
  const label = stream?.label?.trim() ?? "";
  return label === "" ? "the payments" : label;
}
