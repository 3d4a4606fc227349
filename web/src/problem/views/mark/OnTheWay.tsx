import type { Problem } from "@kestrelmoor/core";
import { placeTyped, tellPlaced } from "@kestrelmoor/core/teaching";
import { readClaims } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useTimesSaid } from "../../document/use-times-said";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { ClaimField } from "./ClaimField";
import { useClaim } from "./claim";
import styles from "./Mark.module.css";

const PLACES_AFTER_MS = 300;

/** A whole set of workings: values in their order, each in its place, the first wrong one, and what follows from it. */
export function OnTheWay({ problem }: { readonly problem: Problem }) {
  const [{ onTheWay }, change] = useClaim();
  const format = useAnswerFormat();
  const settled = useLingering(onTheWay, PLACES_AFTER_MS);
  const said = useTimesSaid();
  const placed = useMemo(
    () => placeTyped(problem, readClaims(settled, said)),
    [problem, settled, said],
  );
  return (
    <section aria-label="Values on the way" className={styles.hints}>
      <ClaimField
        words="Values on the way, in order:"
        label="Values on the way"
        placeholder="0.00575; 50.6225"
        typed={onTheWay}
        isLong
        onChange={(next) => change({ onTheWay: next })}
      />
      <div aria-live="polite">
        {placed.length === 0 ? (
          <p className={styles.quiet}>
            Periodic rates, factors and values, each to at least three digits. The first wrong one
            is found.
          </p>
        ) : (
          <ol className={styles.placed} aria-label="Your values">
            {placed.map(({ typed, placed: one }, place) => (
              <li key={place}>
                <b>{typed}</b>{" "}
                <span className={one?.verdict === "right" ? styles.rightValue : undefined}>
                  {tellPlaced(one, format)}
                </span>
              </li>
            ))}
          </ol>
        )}
      </div>
    </section>
  );
}
