import { formatSignificant, writeMoney } from "@kestrelmoor/core";
import { otherWays, runAccount } from "@kestrelmoor/core/teaching";
import { useMemo, useState } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { AccountTable, rowAt } from "./AccountTable";
import { BalanceChart } from "./BalanceChart";
import { OtherWays } from "./OtherWays";
import styles from "./Proof.module.css";

/** Thousands of rows are run through; while somebody types, that waits for a pause. */
const PROVES_AFTER_MS = 120;

/** The answer proved: the account run date by date to nothing, and the same found in other ways. */
export function ProofView() {
  const now = useDocumentState((state) => state.outcome);
  const { problem, result } = useLingering(now, PROVES_AFTER_MS);
  const format = useAnswerFormat();
  const [wanted, setWanted] = useState("");
  const proof = useMemo(
    () =>
      problem !== null && result?.ok === true
        ? {
            life: runAccount(problem, result.value),
            ways: otherWays(problem, result.value),
            isWorth: result.value.unknown.kind === "value",
          }
        : null,
    [problem, result],
  );
  if (proof === null) {
    return (
      <p className={styles.quiet}>
        Once the problem has an answer, its account is run here date by date: if it ends at nothing,
        the answer is right.
      </p>
    );
  }
  const { life, ways, isWorth } = proof;
  return (
    <>
      {life === null ? (
        <p className={styles.quiet}>
          There are too many payments to go through them one by one. The ways below do without.
        </p>
      ) : (
        <>
          <p className={styles.finding}>
            {endWords(life.left, life.isBrokenOff, isWorth, writeMoney(0, format))}
          </p>
          <BalanceChart life={life} format={format} here={rowAt(life.rows, wanted)?.time ?? null} />
          <AccountTable life={life} format={format} wanted={wanted} onWant={setWanted} />
        </>
      )}
      <h3 className={styles.head}>The same by other ways</h3>
      <OtherWays ways={ways} format={format} />
    </>
  );
}

function endWords(left: number, isBrokenOff: boolean, isWorth: boolean, nothing: string): string {
  const taken = isWorth ? " The worth is taken out at its date." : "";
  if (isBrokenOff) {
    return `The payments go on for ever; the account is run until they no longer weigh anything today.${taken}`;
  }
  const rounding =
    left === 0 ? "" : `, but for rounding in the digits beyond (${formatSignificant(left, 2)})`;
  return `Run date by date with nothing but interest and the money that moves, the account ends at ${nothing}${rounding}: the answer balances.${taken}`;
}
