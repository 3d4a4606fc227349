import type { ProjectFlow } from "@kestrelmoor/core";
import { addProject, MOST_OTHER_PROJECTS } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { JudgedBy } from "../appraisal/JudgedBy";
import type { MeasuredBy } from "../appraisal/judged-project";
import { useJudgedProject } from "../appraisal/use-judged-project";
import { useHurdleEditing } from "../appraisal/use-hurdle-editing";
import { ValueChart } from "../appraisal/ValueChart";
import { AddRowButton } from "../AddRowButton";
import { Budget } from "./Budget";
import { compared, nameOfOwn } from "./compared";
import { Crossings } from "./Crossings";
import { ProjectLine } from "./ProjectLine";
import { Results } from "./Results";
import { Verdicts } from "./Verdicts";
import styles from "./Projects.module.css";

/** Many rates are searched for; while somebody types, that waits for a pause. */
const COMPARES_AFTER_MS = 120;

/** Other projects beside the one of the problem: which is worth the most, and between which rates. */
export function ProjectsView() {
  const { judged, measuredBy } = useJudgedProject();
  if (judged?.ok !== true) {
    return (
      <>
        <JudgedBy measuredBy={measuredBy} />
        <p className="quiet">
          {judged?.sentence ?? "When every line is complete, you can compare other projects here."}
        </p>
      </>
    );
  }
  return <Compared own={judged.flows} measuredBy={measuredBy} />;
}

interface ComparedProps {
  readonly own: readonly ProjectFlow[];
  readonly measuredBy: MeasuredBy;
}

function Compared({ own, measuredBy }: ComparedProps) {
  const others = useDocumentState(({ draft }) => draft.appraisal.others);
  const title = useDocumentState(({ draft }) => draft.title);
  const format = useAnswerFormat();
  const moveHurdle = useHurdleEditing();
  const settled = useLingering(others, COMPARES_AFTER_MS);
  const { hurdlePercent, reinvestPercent } = measuredBy;
  const ownName = nameOfOwn(title);
  const comparison = useMemo(
    () => compared(own, ownName, settled, { hurdlePercent, reinvestPercent }),
    [own, ownName, settled, hurdlePercent, reinvestPercent],
  );
  const { contenders, crossings, readings } = comparison;
  const curves = useMemo(
    () => contenders.map(({ name, flows }) => ({ name, flows })),
    [contenders],
  );
  const rates = useMemo(
    () => contenders.flatMap(({ judged }) => (judged.ok ? judged.value.irrPercents : [])),
    [contenders],
  );
  return (
    <>
      <JudgedBy measuredBy={measuredBy} />
      <ul className={styles.projects} aria-label="Projects">
        <li className={styles.own}>
          <strong>{ownName}</strong>
          <span className="quiet">from the lines above</span>
        </li>
        {others.map((project, index) => (
          <ProjectLine
            key={project.id}
            project={project}
            index={index}
            reading={readings.get(project.id) ?? null}
          />
        ))}
      </ul>
      {others.length < MOST_OTHER_PROJECTS && (
        <AddRowButton words="Add a project" field="amounts" adds={addProject} />
      )}
      {contenders.length < 2 ? (
        <p className="quiet">
          Type another project's cash flows to compare them: ranked by each measure, with the
          crossover rate.
        </p>
      ) : (
        <>
          <Results contenders={contenders} format={format} />
          <Verdicts comparison={comparison} hurdlePercent={hurdlePercent} format={format} />
          <Budget contenders={contenders} format={format} />
          <ValueChart
            curves={curves}
            rates={rates}
            crossings={crossings}
            hurdlePercent={hurdlePercent}
            format={format}
            {...moveHurdle}
          />
          <Crossings comparison={comparison} format={format} />
        </>
      )}
    </>
  );
}
