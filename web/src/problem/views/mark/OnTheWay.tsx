import type { AnswerFormat, Problem } from "@kestrelmoor/core";
import { placeValue, type Placing } from "@kestrelmoor/core/teaching";
import { readClaim } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useTimesSaid } from "../../document/use-times-said";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { ClaimField } from "./ClaimField";
import { useClaim } from "./claim";
import styles from "./Mark.module.css";

const PLACES_AFTER_MS = 300;

/** If no mistake explains the answer, an intermediate value shows in which half of the workings the mistake is. */
export function OnTheWay({ problem }: { readonly problem: Problem }) {
  const [{ onTheWay }, change] = useClaim();
  const format = useAnswerFormat();
  const settled = useLingering(onTheWay, PLACES_AFTER_MS);
  const said = useTimesSaid();
  const placing = useMemo((): Placing | null => {
    const read = readClaim(settled, said);
    return read.ok ? placeValue(problem, read.value) : null;
  }, [problem, settled, said]);
  return (
    <>
      <p className={styles.finding}>
        This is not the answer, and it does not match a common mistake. Type a value from an earlier
        step to find where the two differ.
      </p>
      <ClaimField
        words="An earlier value I got"
        label="An earlier value"
        placeholder="0.005750"
        typed={onTheWay}
        onChange={(next) => change({ onTheWay: next })}
      />
      {placing === null ? (
        <p className={styles.quiet}>
          A periodic rate, a factor or one value, to at least three digits.
        </p>
      ) : (
        <p className={styles.placing}>{wordsFor(placing, format)}</p>
      )}
    </>
  );
}

function wordsFor(placing: Placing, format: AnswerFormat): string {
  switch (placing.found) {
    case "right":
      return `Correct: that is ${quantityWords(placing)}. The mistake comes later.`;
    case "slip": {
      const [slip] = placing.explanation.slips;
      return `That is what ${quantityWords(placing)} would be if ${slip?.done(format) ?? ""}. ${slip?.corrected(format) ?? ""} ${placing.explanation.nextTime.join(" ")}`;
    }
    case "nothing":
      return "This value is not in the workings or in those of a common mistake. Try an earlier one: the first wrong value shows where the mistake is.";
  }
}

function quantityWords({ letter, step }: Extract<Placing, { found: "right" | "slip" }>): string {
  const name = letter ?? "the value";
  return step === null ? name : `${name} of step ${step + 1}`;
}
