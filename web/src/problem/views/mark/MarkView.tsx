import {
  sentenceOf,
  type FigureUnit,
  type FollowUp,
  type Problem,
  type SolvedProblem,
} from "@kestrelmoor/core";
import {
  markAnswer,
  tellRight,
  tellThrough,
  type Marked,
  type Marking,
} from "@kestrelmoor/core/teaching";
import { readClaim } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useTimesSaid } from "../../document/use-times-said";
import { Solved } from "../Solved";
import { ClaimField } from "./ClaimField";
import { EarlierClaims } from "./EarlierClaims";
import { Explanations } from "./Explanations";
import { Hints } from "./Hints";
import { OnTheWay } from "./OnTheWay";
import { useClaim } from "./claim";
import { useThrough } from "./use-through";
import { markedOf, NO_SUCH_ROW } from "./marked-of";
import { WhatIsMarked } from "./WhatIsMarked";
import styles from "./Mark.module.css";

/** Hundreds of slips are tried for each number; while somebody types, that waits for a pause. */
const MARKS_AFTER_MS = 300;

/** The student's own number against the answer: right, or which mistake gives just that number. */
export function MarkView() {
  return (
    <Solved
      pause={MARKS_AFTER_MS}
      before="When the problem has an answer, type yours: you will see whether it is correct and, if not, which mistake leads to it."
    >
      {(solved) => <MarkOf solved={solved} />}
    </Solved>
  );
}

function MarkOf({ solved }: { readonly solved: SolvedProblem }) {
  const [claim, change] = useClaim();
  const { problem, answers } = solved;
  const marked = useMemo(() => markedOf(solved, claim), [solved, claim]);
  const unit = marked === null ? answers[0].unit : "money";
  return (
    <>
      <WhatIsMarked solved={solved} claim={claim} onChange={change} />
      <EarlierClaims />
      <ClaimField
        words="My answer is"
        label="Your answer"
        placeholder={PLACEHOLDERS[unit]}
        typed={claim.answer}
        onChange={(answer) => change({ answer })}
      />
      {marked === "missing" ? (
        <p className={styles.complaint}>{NO_SUCH_ROW}</p>
      ) : (
        <Verdict problem={problem} follow={marked} unit={unit} typed={claim.answer} />
      )}
      {marked === null && (
        <>
          <OnTheWay problem={problem} />
          <Hints solved={solved} />
        </>
      )}
    </>
  );
}

const PLACEHOLDERS: Readonly<Record<FigureUnit, string>> = {
  money: "1,234.56",
  percent: "5.13%",
  payments: "46.01",
  years: "7.25",
};

interface VerdictProps {
  readonly problem: Problem;
  readonly follow: number | FollowUp | null;
  readonly unit: FigureUnit;
  readonly typed: string;
}

function Verdict({ problem, follow, unit, typed }: VerdictProps) {
  const format = useAnswerFormat();
  const settled = useLingering(typed, MARKS_AFTER_MS);
  const said = useTimesSaid();
  const through = useThrough(MARKS_AFTER_MS);
  const read = useMemo(() => readClaim(settled, said), [settled, said]);
  const marking = useMemo((): Marking | null => {
    if (!read.ok) return null;
    const marks: Marked = { follow: follow ?? undefined, through: through ?? undefined };
    const marked = markAnswer(problem, read.value, marks);
    return marked.ok ? marked.value : null;
  }, [problem, follow, through, read]);
  const isEmpty = settled.trim() === "";
  return (
    <div aria-live="polite">
      {isEmpty && (
        <p className={styles.quiet}>
          Type every digit you have: more digits give a better diagnosis.
        </p>
      )}
      {!isEmpty && !read.ok && read.issues[0] !== undefined && (
        <p className={styles.complaint}>{sentenceOf(read.issues[0], format)}</p>
      )}
      {marking?.verdict === "right" && <p className={styles.right}>{tellRight(marking.as)}</p>}
      {marking?.verdict === "follows-through" && (
        <p className={styles.right}>{tellThrough(marking.through)}</p>
      )}
      {(marking?.verdict === "explained" || marking?.verdict === "rounding") && (
        <Explanations {...{ problem, marking, unit }} />
      )}
      {marking?.verdict === "unexplained" && (
        <p className={styles.finding}>
          {follow === null
            ? "This is not the answer, and it does not match a common mistake. Type values from earlier steps to find where the two differ."
            : "This is not the correct value, and it does not match a common mistake."}
        </p>
      )}
    </div>
  );
}
