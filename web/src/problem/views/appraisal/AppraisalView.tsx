import { useMemo } from "react";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { FlowsTable } from "./FlowsTable";
import { JudgedBy } from "./JudgedBy";
import { MeasureList } from "./MeasureList";
import { TotalsChart } from "./TotalsChart";
import { ValueChart } from "./ValueChart";
import { useJudgedProject } from "./use-judged-project";
import { useHurdleEditing } from "./use-hurdle-editing";
import styles from "./Appraisal.module.css";

/** The cash flows of the problem as a project: what each measure says of it, and whether to believe it. */
export function AppraisalView() {
  const { judged, measuredBy } = useJudgedProject();
  const format = useAnswerFormat();
  const moveHurdle = useHurdleEditing();
  const curves = useMemo(
    () => (judged?.ok === true ? [{ name: "This project", flows: judged.flows }] : []),
    [judged],
  );
  return (
    <>
      <JudgedBy measuredBy={measuredBy} />
      {judged === null && (
        <p className="quiet">
          When every line is complete, the appraisal appears here: net present value, internal rates
          of return and payback.
        </p>
      )}
      {judged?.ok === false && <p className="quiet">{judged.sentence}</p>}
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
