import type { PaymentsFact } from "../facts/payments-fact";
import type { MissingCode } from "./shape";

/** Whether the payments change by an amount or a percentage that the question does not tell. */
export function isGrowthOpen({ growth }: PaymentsFact): boolean {
  return growth !== null && ("percent" in growth ? growth.percent : growth.amount) === null;
}

/** What a question of a kind may leave open, of what is open. */
export function askedOf(ask: string, open: readonly MissingCode[]): MissingCode | null {
  if ((ask === "count" || ask === "time") && open.includes("time")) return "time";
  if (open.includes("payment")) return "payment";
  return null;
}
