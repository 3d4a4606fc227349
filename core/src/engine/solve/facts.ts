import type { SettledFlow } from "../flows/flow-kind";
import { paymentTime } from "../flows/payment-times";
import { logGrowth, type Accumulation } from "../rates/accumulation";
import { percentUnder } from "../rates/compounding-law";
import type { ResolvedStream } from "../timeline/timeline";
import type { Account } from "./account";
import type { Facts, StreamFacts } from "./solution";
import { totalsOf } from "./totals";

/** @param balances whether the flows form an equation: without one, total interest is meaningless */
export function factsOf(account: Account, balances: boolean): Facts {
  const { flows, growth, wholePayments, roundedPayment } = account;
  const totals = totalsOf(flows);
  const facts = {
    totalIn: finite(totals.in),
    totalOut: finite(totals.out),
    effectivePercents: growth.forces.map((force) => finite(effectivePercent(growth, force))),
    streams: flows.flatMap((flow) =>
      flow.kind === "stream" ? [streamFacts(flow, flows, growth)] : [],
    ),
    ...(wholePayments === undefined ? {} : { wholePayments }),
    ...(roundedPayment === undefined ? {} : { roundedPayment }),
  };
  if (!balances || facts.totalIn === null || facts.totalOut === null) return facts;
  return {
    ...facts,
    interest: Math.abs(totals.in - totals.out),
    interestIs: totals.in >= totals.out ? "earned" : "paid",
  };
}

/** What one year of a spell adds. */
function effectivePercent({ accrual }: Accumulation, force: number): number {
  const year = { starts: [0], forces: [force], ...(accrual === undefined ? {} : { accrual }) };
  return percentUnder(logGrowth(year, 0, 1), EFFECTIVE);
}

const EFFECTIVE = { quoted: "effective", frequency: 1 } as const;

function streamFacts(
  stream: ResolvedStream<number>,
  flows: readonly SettledFlow[],
  growth: Accumulation,
): StreamFacts {
  const { id, begins, frequency } = stream;
  // A final payment has the id of its stream.
  const own = flows.filter((flow) => flow.id === id);
  const payments = finite(stream.count + own.length - 1);
  const totals = totalsOf(own);
  return {
    id,
    payments,
    percentPerPayment: Math.expm1(logGrowth(growth, begins, begins + 1 / frequency)) * 100,
    firstYears: paymentTime(stream, 0),
    lastYears: payments === null ? null : paymentTime(stream, Math.ceil(payments) - 1),
    total: finite(Math.abs(totals.in - totals.out)),
  };
}

function finite(value: number): number | null {
  return Number.isFinite(value) ? value : null;
}
