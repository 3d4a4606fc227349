import { useAnswerFormat } from "../../answer/use-answer-format";
import { MEASURE_NAMES, sentenceOf, type AppraisalSubject, type Measure } from "@kestrelmoor/core";
import { markMeasure } from "@kestrelmoor/core/teaching";
import { readClaim } from "@kestrelmoor/core/typing";
import { keptBeside } from "../../document/kept-beside";
import styles from "./Appraisal.module.css";

type Claims = Partial<Record<Measure, string>>;

const useClaims = keptBeside((): Claims => ({}));

interface MarkFigureProps {
  readonly measure: Measure;
  readonly subject: AppraisalSubject;
}

/** A figure of the student's own for one measure, marked. */
export function MarkFigure({ measure, subject }: MarkFigureProps) {
  const format = useAnswerFormat();
  const [claims, change] = useClaims();
  const typed = claims[measure] ?? "";
  const claim = typed.trim() === "" ? null : readClaim(typed);
  const marked = claim?.ok === true ? markMeasure(measure, subject, claim.value) : null;
  return (
    <p className={styles.mark}>
      <label>
        Your answer:{" "}
        <input
          className="ink-field"
          aria-label={`Your answer: ${MEASURE_NAMES[measure].toLowerCase()}`}
          placeholder="your value"
          maxLength={60}
          size={16}
          autoComplete="off"
          spellCheck={false}
          value={typed}
          onChange={({ target }) => change({ [measure]: target.value })}
        />
      </label>{" "}
      <span aria-live="polite" data-verdict={marked?.verdict}>
        {marked !== null
          ? marked.says
          : claim?.ok === false
            ? claim.issues.map((issue) => sentenceOf(issue, format)).join(" ")
            : ""}
      </span>
    </p>
  );
}
