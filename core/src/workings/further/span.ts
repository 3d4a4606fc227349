import { lineOf } from "../compose/sheet";
import { minus, of, readableSum, type Quantity } from "../mathematics/expression";
import type { Step } from "../step";
import { balanceAt } from "./balance";
import type { Story } from "./story";
import { netOver, type Span } from "./totals";

/** What the balance fell by after one date and up to another. */
export function principalOver(story: Story, span: Span): Step[] {
  const { steps, before, after } = balancesAround(story, span);
  const { sheet } = story.composition;
  const fallen = sheet.work(sheet.letter("P"), "money", minus(of(before), of(after)));
  return [...steps, lastStep(fallen, "The principal is what the balance fell by in between.")];
}

/** What it grew by itself: the change that no money brought about. */
export function interestOver(story: Story, span: Span): Step[] {
  const { steps, before, after } = balancesAround(story, span);
  const { sheet } = story.composition;
  const isLoan = story.side > 0;
  const [one, other] = isLoan ? [before, after] : [after, before];
  const change = minus(of(one), of(other));
  // A loan is paid down and savings are paid in: the money that goes out of one's pocket.
  const moved = netOver(story, -1, span);
  if (moved.length === 0) {
    const grown = sheet.work(sheet.letter("I"), "money", minus(of(after), of(before)));
    const say = "No money moves in between: all that the balance rose by is interest.";
    return [...steps, lastStep(grown, say)];
  }
  const paid = sheet.work(sheet.letter("M"), "money", readableSum(moved, "C"));
  const interest = sheet.work(
    sheet.letter("I"),
    "money",
    isLoan ? minus(of(paid), change) : minus(change, of(paid)),
  );
  const less = moved.some(({ sign }) => sign < 0)
    ? `, less what is ${isLoan ? "received" : "taken out"}`
    : "";
  return [
    ...steps,
    ...story.countings.splice(0),
    {
      kind: "term",
      level: "short",
      say: `What is ${isLoan ? "paid back" : "put in"} meanwhile${less}.`,
      lines: [lineOf(paid)],
      value: paid.value,
    },
    lastStep(
      interest,
      isLoan
        ? "What is paid back and does not bring the balance down is interest."
        : "What the balance rose by and nobody put in is interest.",
    ),
  ];
}

interface Around {
  readonly steps: readonly Step[];
  readonly before: Quantity;
  readonly after: Quantity;
}

function balancesAround(story: Story, { from, to }: Span): Around {
  const [before, after] = [balanceAt(story, from), balanceAt(story, to)];
  return {
    before: before.found,
    after: after.found,
    steps: [...before.steps, ...after.steps],
  };
}

function lastStep(found: Quantity, say: string): Step {
  return {
    kind: "value",
    level: "short",
    say,
    lines: [lineOf(found)],
    value: found.value,
    finds: found,
  };
}
