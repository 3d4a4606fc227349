import type { Problem } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { momentOf } from "../facts/moment";
import type { Mark } from "../marks/mark";
import { addSpans, periodsIn, timesSpan, yearsIn } from "../marks/span";
import { rateOf } from "../shape/quotations";
import { type Choices, type Use, usesOf } from "../shape/shape";
import { type Base, frame, type Made, paymentPart } from "./made";
import type { PartRead } from "./part";

/** Words of another rate from some time on. */
export const CHANGES_RATE =
  / (?:renew|renewed|renews|renewal|refinance|refinances|refinanced|remortgages?|new rate|rate (?:rises|falls|changes|is changed|goes|becomes|is raised|is cut|is reduced|drops|increases|climbs|jumps)|(?:raises|cuts|changes|lowers|reduces|increases|puts up) (?:the|its|his|her|their) (?:\S+ )?rate|at that point|from then on|then on) /;

/** "At that point the rate is renewed at 4.95%: what is the new payment?" */
export function renewed(own: Facts, read: PartRead[], choices: Choices): Made | null {
  const base = paymentPart(read);
  const rate = own.percents.find(({ use }) => use === "rate");
  const isRenewal = CHANGES_RATE.test(own.scope.words);
  if (base === null || rate === undefined || !isRenewal || own.ask?.kind === "rate") return null;
  const { count, every } = base.stream;
  const owed = balanceIn(own, base, read);
  if (owed === null || typeof count !== "number") return null;
  const left = periodsIn(addSpans(timesSpan(count, every), owed.at, -1), every);
  const told = own.scope.marks.find(
    ({ phrase }) => phrase?.kind === "lasting" && phrase.as === "whole",
  )?.phrase?.iso;
  const payments = told === undefined || yearsIn(told) === 0 ? left : periodsIn(told, every);
  const { rate: written, uses } = rateOf(rate, 0, every, choices);
  return {
    uses: [...uses, ...owed.uses],
    linked: {
      ...frame(base.problem, [written]),
      flows: [
        {
          id: "owed",
          kind: "single",
          direction: "in",
          amount: { answerOf: base.label, also: owed.also },
          at: "P0D",
        },
        {
          id: "payments",
          kind: "stream",
          direction: "out",
          amount: null,
          every,
          count: payments,
          timing: base.stream.timing,
          begins: "P0D",
        },
      ],
    },
  };
}

interface Owed {
  readonly at: string;
  /** Its place among the follow-ups of the part before. */
  readonly also: number;
  readonly uses: readonly Use[];
}

/** What is owed when the rate changes: asked for before, or "after 2 years the rate is 9%", which the part before then finds too. */
function balanceIn(own: Facts, { label, problem }: Base, read: PartRead[]): Owed | null {
  const when = own.scope.marks.find(isElapsed);
  const told = when === undefined ? null : (momentOf(when) ?? when.phrase?.iso ?? null);
  const also = problem.also ?? [];
  const known = also.findIndex(
    ({ find, ...at }) => find === "balance" && "at" in at && (told === null || at.at === told),
  );
  const follow = also[known];
  if (follow?.find === "balance" && typeof follow.at === "string")
    return { at: follow.at, also: known, uses: when === undefined ? [] : usesOf([when], "time") };
  const place = read.findIndex((part) => part.label === label);
  const part = read[place];
  if (told === null || when === undefined || part === undefined) return null;
  const asked: Problem = { ...problem, also: [...also, { find: "balance", at: told }] };
  read[place] = { ...part, shape: { ...part.shape, problem: asked } };
  return { at: told, also: also.length, uses: usesOf([when], "time") };
}

function isElapsed({ phrase }: Mark): boolean {
  return (
    phrase?.as === "elapsed" || (phrase?.kind === "when" && /^(?:at|end-of)$/.test(phrase.as ?? ""))
  );
}
