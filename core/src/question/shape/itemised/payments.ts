import type { FlowOf } from "../../../engine/problem/schema";
import type { PaymentsFact } from "../../facts/payments-fact";
import { everyOf } from "../../facts/rates";
import { type Scope, wordsOf } from "../../facts/scope";
import type { Mark } from "../../marks/mark";
import { usesOf, type Choices, type MissingCode } from "../shape";
import { countOf, streamOf } from "../streams";
import { lastEnd, type Item, type ItemRead } from "./item";
import { saysUnknown } from "./unknown";

/** Payments that are repeated: "£140 at the end of each month for 40 months, the first in 2 years". */
export function paymentsOf(
  { direction, before }: Item,
  scope: Scope,
  fact: PaymentsFact,
  growth: OpenGrowth | null,
  choices: Choices,
): ItemRead {
  const id = `payments${String(before.length + 1)}`;
  const every = fact.every ?? "P1Y";
  const isThen = scope.marks.some(({ phrase }) => phrase?.kind === "thereafter");
  const begins = isThen ? lastEnd(before) : "P0D";
  const count = countOf(fact, every);
  const { flow, uses, assumptions } = streamOf(
    fact,
    { id, direction, begins, every, count },
    choices,
  );
  const isBeginOpen = saysUnknown(scope, "time");
  const missing: MissingCode[] = [];
  if (flow.amount === null && !saysUnknown(scope, "amount")) missing.push("payment");
  if (count === null && !saysUnknown(scope, "number")) missing.push("time");
  return {
    flows: [
      {
        ...flow,
        ...(isBeginOpen ? { begins: null } : {}),
        ...(growth === null ? {} : { growth: growth.growth }),
      },
    ],
    uses: [...uses, ...usesOf(growth?.marks ?? [], "payments", { flow: id, field: "growth" })],
    assumptions: isBeginOpen ? [] : assumptions,
    missing,
  };
}

export interface OpenGrowth {
  readonly growth: NonNullable<FlowOf<"stream">["growth"]>;
  readonly marks: readonly Mark[];
}

/** "… rising by an unknown percentage each year" is cut off, for what it says is not of the payments themselves. */
export function cutOpenGrowth(marks: readonly Mark[]): {
  readonly told: readonly Mark[];
  readonly growth: OpenGrowth | null;
} {
  const at = marks.findIndex(({ word }) => /^(?:rising|falling)$/.test(word));
  const rest = at === -1 ? [] : marks.slice(at);
  const cue = rest.find(({ phrase }) => phrase?.kind === "every");
  const noun = / unknown (percentage|fixed amount) /.exec(wordsOf(rest))?.[1];
  if (cue === undefined || noun === undefined) return { told: marks, growth: null };
  const every = everyOf(cue);
  const growth = noun === "fixed amount" ? { amount: null, every } : { percent: null, every };
  return { told: marks.slice(0, at), growth: { growth, marks: [cue] } };
}
