import type { Problem } from "@kestrelmoor/core";
import { placeValue, type Placing } from "@kestrelmoor/core/teaching";
import { readClaim } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { ClaimField } from "./ClaimField";
import { useClaim } from "./claim";
import styles from "./Mark.module.css";

const PLACES_AFTER_MS = 300;

/** Nothing explains the number: a value from the middle of the way tells which half the slip is in. */
export function OnTheWay({ problem }: { readonly problem: Problem }) {
  const [{ onTheWay }, change] = useClaim();
  const settled = useLingering(onTheWay, PLACES_AFTER_MS);
  const placing = useMemo((): Placing | null => {
    const read = readClaim(settled);
    return read.ok ? placeValue(problem, read.value) : null;
  }, [problem, settled]);
  return (
    <>
      <p className={styles.finding}>
        This is not the answer, and no mistake that is known here gives just this number. A value
        that you got on the way tells where to look.
      </p>
      <ClaimField
        words="On the way I got"
        label="A value that you got on the way"
        placeholder="0.005750"
        typed={onTheWay}
        onChange={(next) => change({ onTheWay: next })}
      />
      {placing === null ? (
        <p className={styles.quiet}>
          The rate for one period, a factor, the worth of one line: with three digits or more.
        </p>
      ) : (
        <p className={styles.placing}>{wordsFor(placing)}</p>
      )}
    </>
  );
}

function wordsFor(placing: Placing): string {
  switch (placing.found) {
    case "right":
      return `That is right: it is ${quantityWords(placing)}. The slip comes after it.`;
    case "slip": {
      const [slip] = placing.explanation.slips;
      return `That is what ${quantityWords(placing)} would be if ${slip?.done() ?? ""}. ${slip?.corrected() ?? ""} ${placing.explanation.nextTime.join(" ")}`;
    }
    case "nothing":
      return "This value does not stand in the workings, nor in those of a known mistake. Try an earlier one: the first that is not right is where the slip was made.";
  }
}

function quantityWords({ letter, step }: Extract<Placing, { found: "right" | "slip" }>): string {
  const name = letter ?? "the value";
  return step === null ? name : `${name} of step ${step + 1}`;
}
