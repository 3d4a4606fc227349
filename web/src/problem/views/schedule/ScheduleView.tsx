import type { Problem, SolvedProblem } from "@kestrelmoor/core";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { Solved } from "../Solved";
import { ActualPayments } from "./actual/ActualPayments";
import { AskSchedule } from "./AskSchedule";
import { changedAccounts } from "./changed-accounts";
import { ChangesSummary } from "./ChangesSummary";
import { useFirstDate } from "./first-date";
import { useScheduleChoice } from "./schedule-choice";
import { ScheduleChanges } from "./ScheduleChanges";
import { ScheduleChoices } from "./ScheduleChoices";
import { SchedulePicture } from "./SchedulePicture";
import { ScheduleSummary } from "./ScheduleSummary";
import { ScheduleTable } from "./ScheduleTable";
import { scheduleName } from "@kestrelmoor/core/teaching";
import { changesOn, useChangeLines } from "./use-change-lines";
import styles from "./Schedule.module.css";

/** A schedule may have ten thousand rows; while somebody types, it waits for a pause. */
const RUNS_AFTER_MS = 120;

/** The schedule of a loan, a fund or savings, payment by payment. */
export function ScheduleView() {
  const [choice] = useScheduleChoice();
  return (
    <Solved
      pause={RUNS_AFTER_MS}
      before="When repeated payments have an answer, the schedule appears here: balance, interest and principal for every payment."
    >
      {(solved) => {
        const streams = solved.problem.flows.filter(({ kind }) => kind === "stream");
        const flow = streams.find(({ id }) => id === choice.flow) ?? streams[0];
        return flow === undefined ? null : <ScheduleOf {...{ solved, streams }} flow={flow.id} />;
      }}
    </Solved>
  );
}

interface ScheduleOfProps {
  readonly solved: SolvedProblem;
  readonly streams: Problem["flows"];
  readonly flow: string;
}

function ScheduleOf({ solved, streams, flow }: ScheduleOfProps) {
  const { problem } = solved;
  const rounding = useDocumentState(({ draft }) => draft.schedule.rounding);
  const firstDate = useFirstDate(solved, flow);
  const format = useAnswerFormat();
  const lines = useChangeLines(solved, flow);
  // Typing on a line of changes waits for a pause too.
  const settled = useLingering(lines, RUNS_AFTER_MS);
  const found = useMemo(
    () => changedAccounts(problem, flow, rounding, changesOn(settled), format),
    [problem, flow, rounding, settled, format],
  );
  if (!found.ok) {
    return (
      <>
        <ScheduleChoices {...{ solved, streams, flow }} name="Schedule" />
        <p className={styles.quiet}>{found.sentence}</p>
      </>
    );
  }
  const { accounts } = found;
  const { plain, changed } = accounts;
  const parts = { account: changed ?? plain, firstDate, format };
  return (
    <>
      <ScheduleChoices {...{ solved, streams, flow }} name={scheduleName(plain.schedule)} />
      <ScheduleChanges {...{ flow, lines, accounts }} />
      {changed === null ? (
        <ScheduleSummary {...parts} />
      ) : (
        <ChangesSummary {...{ plain, changed, format }} />
      )}
      <SchedulePicture {...parts} plain={changed === null ? null : plain} />
      <AskSchedule {...parts} />
      <ScheduleTable {...parts} />
      <ActualPayments {...parts} />
    </>
  );
}
