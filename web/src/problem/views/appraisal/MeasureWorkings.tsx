import { MEASURE_NAMES, type AppraisalSubject, type Measure } from "@kestrelmoor/core";
import { appraisalWorkings } from "@kestrelmoor/core/teaching";
import { useMemo } from "react";
import { PlainSteps } from "../workings/PlainSteps";
import { useWorkingsStyle } from "../workings/workings-choice";

interface MeasureWorkingsProps {
  readonly measure: Measure;
  readonly subject: AppraisalSubject;
}

/** How one measure is got, with the project's own numbers. */
export function MeasureWorkings({ measure, subject }: MeasureWorkingsProps) {
  const choice = useWorkingsStyle();
  const made = useMemo(
    () => appraisalWorkings(measure, subject, choice),
    [measure, subject, choice],
  );
  if (made === null) {
    return <p className="quiet">This measure has no value here, so there are no workings.</p>;
  }
  return <PlainSteps of={MEASURE_NAMES[measure].toLowerCase()} steps={made.steps} />;
}
