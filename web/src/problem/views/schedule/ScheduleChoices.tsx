import type { Flow, ScheduleOptions } from "@kestrelmoor/core";
import { InkChoice } from "../../../ui/InkChoice";
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
          <InkChoice
            label="Which payments"
            value={flow}
            options={streams.map((stream) => [stream.id, nameOf(stream)])}
            onChoose={(id) => look({ flow: id, open: null })}
          />
        )}
        , counted{" "}
        <InkChoice<ScheduleOptions["rounding"]>
          label="How it is counted"
          value={rounding}
          options={[
            ["none", "with every digit, as the textbook does"],
            ["cent", "in whole cents, as a lender does"],
          ]}
          onChoose={(wanted) =>
            change(({ schedule }) => {
              schedule.rounding = wanted;
            })
          }
        />
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
