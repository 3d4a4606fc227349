import { saysToday } from "../../input/read-time";
import type { Draft } from "../draft";
import { sameLines } from "./edit-parts";
import { loanIn, loanParts } from "./loan-parts";
import { settledAtEachPayment } from "./partial-payments";
import { asks, oneOfEach, part, single, type Loan, type ReadyPart } from "./ready-part";

/**
 * The next parts that fit a part: ready-made ones for a loan or for savings, then those that fit any.
 *
 * @param draft the part that they take up: see `partsOf`
 */
export function readyParts(draft: Draft): ReadyPart[] {
  const [loan, savings] = [loanIn(draft), savingsIn(draft)];
  return [
    ...(loan === null ? [] : loanParts(draft, loan)),
    ...(savings === null ? [] : [drawDown(draft, savings)]),
    ...settledAtEachPayment(draft),
    {
      id: "same-lines",
      name: "The same lines again",
      explains: "A copy of this part, to change one thing in it.",
      asks: [],
      make: () => [sameLines(draft)],
    },
    {
      id: "from-answer",
      name: "From its answer on",
      explains: "A new timeline, which begins with the answer of this part.",
      asks: [],
      make: () => [
        part("", draft, [
          single("Answer", "out", `answer of (${draft.part.label})`, "today"),
          single("Value", "in", "?", ""),
        ]),
      ],
    },
  ];
}

/** A fund that is saved up in regular deposits. */
function savingsIn({ flows, rates: [rate] }: Draft): Loan | null {
  const found = oneOfEach(flows);
  if (found === null || rate?.kind !== "rate") return null;
  const { single: fund, stream: deposits } = found;
  const isFund = fund.direction !== deposits.direction && !saysToday(fund.at);
  return isFund ? { loan: fund, payments: deposits, rate } : null;
}

function drawDown(draft: Draft, { payments }: Loan): ReadyPart {
  const [rate] = draft.rates;
  return {
    id: "draw-down",
    name: "Then draw it down",
    explains: "Equal withdrawals from what has been saved.",
    asks: [
      asks("count", "For", "20 years", ""),
      asks("percent", "Rate then", "4%", rate?.kind === "rate" ? rate.percent : ""),
    ],
    make: ({ count = "", percent = "" }) => [
      part(
        "Withdrawals",
        draft,
        [
          single("Fund", payments.direction, `answer of (${draft.part.label})`, "today"),
          {
            ...payments,
            id: "withdrawals",
            label: "Withdrawals",
            direction: payments.direction === "in" ? "out" : "in",
            amount: "?",
            count,
            growth: null,
            begins: "today",
          },
        ],
        rate?.kind === "rate" ? [{ ...rate, percent }] : draft.rates,
      ),
    ],
  };
}
