import {
  writeSignificant,
  writeMoney,
  type AnswerFormat,
  type SolvedProblem,
} from "@kestrelmoor/core";
import { otherWays, runAccount } from "@kestrelmoor/core/teaching";
import { useMemo, useState } from "react";
import { useTimesSaid } from "../../document/use-times-said";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { Solved } from "../Solved";
import { AccountTable, rowAt } from "./AccountTable";
import { BalanceChart } from "./BalanceChart";
import { OtherWays } from "./OtherWays";
import styles from "./Proof.module.css";

/** Thousands of rows are run through; while somebody types, that waits for a pause. */
const PROVES_AFTER_MS = 120;

/** The answer proved: the account run date by date to nothing, and the same found in other ways. */
export function ProofView() {
  return (
    <Solved
      pause={PROVES_AFTER_MS}
      before="When the problem has an answer, its account is shown here date by date: a closing balance of zero proves the answer."
    >
      {(solved) => <Proof solved={solved} />}
    </Solved>
  );
}

function Proof({ solved }: { readonly solved: SolvedProblem }) {
  const format = useAnswerFormat();
  const said = useTimesSaid();
  const [wanted, setWanted] = useState("");
  const life = useMemo(() => runAccount(solved), [solved]);
  const ways = useMemo(() => otherWays(solved), [solved]);
  const isWorth = solved.unknown.kind === "value";
  return (
    <>
      {life === null ? (
        <p className={styles.quiet}>
          {solved.paid.accrual === undefined
            ? "There are too many payments to list. See the other methods below."
            : "Without compounding there is no balance to follow: each amount is moved to the focal date. See the methods below."}
        </p>
      ) : (
        <>
          <p className={styles.finding}>
            {endWords(life.left, life.isBrokenOff, isWorth, writeMoney(0, format), format)}
          </p>
          <BalanceChart
            life={life}
            format={format}
            here={rowAt(life.rows, wanted, said)?.time ?? null}
          />
          <AccountTable
            life={life}
            format={format}
            said={said}
            wanted={wanted}
            onWant={setWanted}
          />
        </>
      )}
      <h3 className={styles.head}>Other methods</h3>
      <OtherWays ways={ways} isCompound={solved.paid.accrual === undefined} format={format} />
    </>
  );
}

function endWords(
  left: number,
  isBrokenOff: boolean,
  isWorth: boolean,
  nothing: string,
  format: AnswerFormat,
): string {
  const taken = isWorth ? " The value is withdrawn at the focal date." : "";
  if (isBrokenOff) {
    return `The payments never end; the account runs until their present value is negligible.${taken}`;
  }
  const rounding = left === 0 ? "" : ` (rounding error ${writeSignificant(left, format, 2)})`;
  return `Date by date, with interest and every payment, the account closes at ${nothing}${rounding}: the answer is correct.${taken}`;
}
