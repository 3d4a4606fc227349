import type { Facts } from "../facts/facts";
import { wordsOf } from "../facts/scope";

/** "What is the present value of the lease payments?", whatever the car costs. */
export function isOfPayments({ ask, streams, amounts }: Facts): boolean {
  const [only] = streams;
  return (
    ask?.kind === "present" &&
    streams.length === 1 &&
    only?.amount !== null &&
    amounts.every(({ at }) => at === null || at === "P0D") &&
    / (?:value|worth) of (?:the|all|all the|these|those|his|her|their) (?:\S+ )?(?:payments|rents|rentals|instal?lments) | (?:are|would|will) (?:the|these|those) (?:\S+ )?(?:payments|rents|rentals|instal?lments) (?:be )?worth /.test(
      wordsOf(ask.marks),
    )
  );
}
