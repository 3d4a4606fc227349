import {
  MEASURE_NAMES,
  MEASURES,
  measureWords,
  type AnswerFormat,
  type Measure,
} from "@kestrelmoor/core";
import { appraisalWorkings, type Step, type WorkingsOptions } from "@kestrelmoor/core/teaching";
import type { Outcome } from "../../document/outcome";
import { judgedProject } from "./judged-project";

/** A measure as it stands on a sheet: its name, its workings, and what it says. */
export interface AppraisedPart {
  readonly name: string;
  readonly steps: readonly Step[];
}

/** The chosen measures of a problem with their workings; none where it is no project. */
export function appraisedParts(
  { draft, problem, solved }: Outcome,
  chosen: ReadonlySet<Measure>,
  format: AnswerFormat,
  options: WorkingsOptions,
): AppraisedPart[] {
  if (problem === null || chosen.size === 0) return [];
  const judged = judgedProject(problem, solved, draft, format);
  if (!judged.ok) return [];
  return MEASURES.filter((measure) => chosen.has(measure)).map((measure) => {
    const steps = appraisalWorkings(measure, judged.subject, options)?.steps ?? [];
    const { says } = measureWords(measure, judged.subject);
    return {
      name: MEASURE_NAMES[measure],
      steps: [...steps, { kind: "answer", level: "short", say: says, lines: [] }],
    };
  });
}
