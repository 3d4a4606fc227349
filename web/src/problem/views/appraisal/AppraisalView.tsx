import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { FlowsTable } from "./FlowsTable";
import { JudgedBy } from "./JudgedBy";
import { judgedProject, measuredByOf } from "./judged-project";
import { MeasureList } from "./MeasureList";
import { TotalsChart } from "./TotalsChart";
import { ValueChart } from "./ValueChart";
import { useHurdleEditing } from "./use-hurdle-editing";
import styles from "./Appraisal.module.css";

/** Many amounts are gone through; while somebody types, that waits for a pause. */
const JUDGES_AFTER_MS = 60;

/** The cash flows of the problem as a project: what each measure says of it, and whether to believe it. */
export function AppraisalView() {
  const now = useDocumentState((state) => state.outcome);
  const { problem, result } = useLingering(now, JUDGES_AFTER_MS);
  const typed = useDocumentState(({ draft }) => draft.appraisal);
  const format = useAnswerFormat();
  const moveHurdle = useHurdleEditing();
  const judged = useMemo(
    () =>
      problem === null
        ? null
        : judgedProject(problem, result?.ok === true ? result.value : null, typed, format),
    [problem, result, typed, format],
  );
  const curves = useMemo(
    () => (judged?.ok === true ? [{ name: "This project", flows: judged.flows }] : []),
    [judged],
  );
  return (
    <>
      <JudgedBy
        measuredBy={judged?.ok === true ? judged.measuredBy : measuredByOf(problem, typed)}
      />
      {judged === null && (
        <p className={styles.quiet}>
          Once every line can be read, the project is judged here: what it is worth, every rate that
          it earns, and when the money is back.
        </p>
      )}
      {judged?.ok === false && <p className={styles.quiet}>{judged.sentence}</p>}
      {judged?.ok === true && (
        <>
          <MeasureList subject={judged.subject} />
          <div className={styles.pictures}>
            <ValueChart
              curves={curves}
              rates={[...judged.subject.judged.irrPercents]}
              hurdlePercent={judged.measuredBy.hurdlePercent}
              format={format}
              {...moveHurdle}
            />
            <TotalsChart subject={judged.subject} />
          </div>
          <FlowsTable subject={judged.subject} flows={judged.flows} firstDate={judged.firstDate} />
        </>
      )}
    </>
  );
}
