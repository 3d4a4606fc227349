import type { Mark } from "../marks/mark";
import { atOf, timesOf, whenOf } from "./amount-time";
import { countedBy } from "./how-many";
import { isClaimed, isPlainAmount } from "./plain-amounts";
import { rolesAround, strongest, type Role } from "./roles";
import { isMoney, namesCurrency, type Scope } from "./scope";

/** An amount that is paid once, as far as the words tell of it. */
export interface AmountFact {
  readonly amount: number;
  readonly role: Role | null;
  readonly scores: ReadonlyMap<Role, number>;
  /** From today, ISO 8601; `"end"`: with the last payment; `null` where nothing says when. */
  readonly at: string | null;
  /** Every time that is told of it: "in each of the third, fourth and fifth years". */
  readonly times: readonly string[];
  /** How long ago it was there, where that is told. */
  readonly since?: string;
  /** How many there are of what costs so much: "50 shares at €31 each". */
  readonly counted?: Mark;
  /** A date of the calendar. */
  readonly on: string | null;
  readonly mark: Mark;
  readonly marks: readonly Mark[];
}

/** The amounts of a scope that no stream has taken. */
export function amountsIn(scope: Scope, taken: ReadonlySet<Mark>): AmountFact[] {
  const marks = scope.marks.filter(
    (mark) => isMoney(mark) && !taken.has(mark) && !isClaimed(scope, mark),
  );
  const plain = scope.marks.some(namesCurrency)
    ? []
    : scope.marks.filter((mark) => !taken.has(mark) && isPlainAmount(scope, mark));
  const all = [...marks, ...plain].sort((one, other) => one.index - other.index);
  return fromThePast(eachItsTime(all.map((mark) => amountFact(scope, mark, taken))));
}

/** A time between two amounts is told of the nearer one. */
export function eachItsTime(amounts: readonly AmountFact[]): AmountFact[] {
  return amounts.map((fact) => {
    const { mark, marks, times } = fact;
    const [when] = marks.filter((other) => other !== mark);
    if (when === undefined || times.length > 1) return fact;
    const distance = (other: AmountFact) => Math.abs(other.mark.index - when.index);
    // In the middle, it is told of the one before it.
    const lead = (other: AmountFact) => distance(other) + (other.mark.index > when.index ? 0.5 : 0);
    const isOfOther = amounts.some(
      (other) => other !== fact && other.marks.includes(when) && lead(other) < lead(fact),
    );
    return isOfOther ? { ...fact, at: null, on: null, times: [], marks: [mark] } : fact;
  });
}

/** "Had 3,000 five years ago … now shows 10,400": what was is the start, and what is now the end. */
function fromThePast(amounts: readonly AmountFact[]): AmountFact[] {
  const isPast = ({ marks }: AmountFact) => marks.some(({ phrase }) => phrase?.as === "ago");
  if (!amounts.some(isPast)) return [...amounts];
  return amounts.map((fact) => {
    if (isPast(fact)) {
      const since = fact.marks.find(({ phrase }) => phrase?.as === "ago")?.phrase?.iso;
      return { ...fact, at: "P0D", marks: [fact.mark], ...(since === undefined ? {} : { since }) };
    }
    return fact.at === "P0D" ? { ...fact, at: "end" } : fact;
  });
}

export function amountFact(scope: Scope, mark: Mark, taken: ReadonlySet<Mark>): AmountFact {
  const scores = rolesAround(scope, mark);
  const when = whenOf(scope, mark, taken);
  const { quantity } = mark;
  const value = quantity?.is === "money" || quantity?.is === "number" ? quantity.value : 0;
  const counted = countedBy(scope, mark);
  const times = counted?.quantity?.is === "number" ? counted.quantity.value : 1;
  const role = strongest(scores);
  const at = when === null ? null : atOf(when);
  return {
    amount: Number((value * times).toPrecision(15)),
    ...(counted === null ? {} : { counted }),
    role,
    scores,
    // What is to be reached is not there today.
    at: role === "goal" && at === "P0D" ? null : at,
    times: when === null ? [] : timesOf(when),
    on: when?.quantity?.is === "date" ? when.quantity.iso : null,
    mark,
    // A date counts where several amounts are on dates: see `datedOf`.
    marks: when === null || when.quantity !== undefined ? [mark] : [mark, when],
  };
}
