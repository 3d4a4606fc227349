import type { Flow, KnownPosition, Problem } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import { wordsOf } from "../facts/scope";
import { spareTimes, type TimeFact } from "../facts/times";
import { periodsIn, timesSpan, yearsIn } from "../marks/span";
import { placesOf, type Places } from "./places";
import { interestOf, ratesOf } from "./rates";
import {
  amountUses,
  blanksOf,
  complete,
  lacking,
  problemOf,
  type Choices,
  type MissingCode,
  type Shape,
  type Use,
  usesOf,
} from "./shape";
import { timesOfPayments, withFollowUp } from "./follow-up";
import { endTime } from "./end-time";
import { askedOf, isGrowthOpen } from "./left-open";
import { advanceOf, isExchanged, multipleIn } from "./extra-flows";
import { IDS, inOrder, stillToPay, type Plan } from "./plans";
import { shareFlow, shareUse, sharesIn, type Share } from "./shares";
import { standIn, standInRate } from "./stand-in";
import { sideOf, type Side } from "./sides";
import { countOf, streamOf } from "./streams";

/** A question about payments: a loan, a savings plan, a pension, a lease, or saving and then spending. */
export function withStreams(facts: Facts, choices: Choices): Shape {
  return new StreamQuestion(facts, choices).shape();
}

/** "What is the present value of the lease payments?", whatever the car costs. */
function isOfPayments({ ask, streams, amounts }: Facts): boolean {
  const [only] = streams;
  return (
    ask?.kind === "present" &&
    streams.length === 1 &&
    only?.amount !== null &&
    amounts.every(({ at }) => at === null) &&
    / (?:value|worth) of (?:the|all|all the|these|those|his|her|their) (?:\S+ )?(?:payments|rents|rentals|instal?lments) /.test(
      wordsOf(ask.marks),
    )
  );
}

class StreamQuestion {
  private readonly uses: Use[] = [];
  private readonly missing: MissingCode[] = [];
  private readonly times: readonly TimeFact[];
  private readonly plans: Plan[];
  private readonly places: Places;
  private readonly side: Side;
  private readonly shares: readonly Share[];

  constructor(
    private readonly facts: Facts,
    private readonly choices: Choices,
  ) {
    const streams = inOrder(facts);
    const taken = new Set(streams.flatMap(({ marks }) => marks));
    const amounts = isOfPayments(facts) ? [] : facts.amounts.filter(({ mark }) => !taken.has(mark));
    this.side = streams[0] === undefined ? "repaying" : sideOf(facts, streams[0]);
    this.places = this.savedFor(placesOf(facts, amounts, this.side));
    const isOfPrice = this.side === "repaying" || this.side === "renting";
    this.shares = isOfPrice && this.places.start !== null ? sharesIn(facts) : [];
    const placed = [this.places.start, ...this.places.down, this.places.end].flatMap(
      (one) => one?.marks ?? [],
    );
    this.times = spareTimes(facts, new Set([...taken, ...placed]));
    const more = this.ask === "payment" ? stillToPay(facts, streams[0], this.times) : [];
    this.plans = this.planned([...streams, ...more]);
  }

  /** "Banks ask for 20% of the price as a deposit": a part of a price is saved for. */
  private savedFor(places: Places): Places {
    const { end } = places;
    const share =
      this.side === "saving" ? sharesIn(this.facts).find(({ is }) => is === "down") : undefined;
    if (share === undefined || end?.role !== "price") return places;
    const { mark } = share.fact;
    this.uses.push({ mark, role: "share", target: { flow: IDS.saving.end, field: "amount" } });
    return {
      ...places,
      end: { ...end, amount: Number((end.amount * share.times).toPrecision(15)) },
    };
  }

  shape(): Shape {
    const [first] = this.plans;
    if (first === undefined) return lacking(["frequency"], { uses: this.uses });
    const change =
      this.plans.length > 1 && typeof first.count === "number"
        ? timesSpan(first.count, first.every)
        : null;
    const rates = ratesOf(this.facts, first.every, change, this.choices);
    this.uses.push(...rates.uses);
    if (rates.isMissing) this.missing.push("rate");
    const read = this.plans.map((plan) =>
      streamOf(
        plan.fact,
        {
          id: plan.id,
          direction: plan.side === "spending" || plan.side === "borrowing" ? "in" : "out",
          begins: plan.begins,
          count: plan.count,
          every: plan.every,
        },
        this.choices,
      ),
    );
    this.uses.push(...read.flatMap(({ uses }) => uses));
    const streams: Flow[] = read.map(({ flow }) =>
      this.isBeginsAsked ? { ...flow, begins: null, timing: "start" } : flow,
    );
    const assumptions = [
      ...rates.assumptions,
      ...read.flatMap((one) => one.assumptions).slice(0, 1),
    ];
    this.judge(rates.isAsked);
    if (this.missing.length > 0) {
      const told = { uses: this.uses, assumptions };
      const blanks = blanksOf(this.missing);
      if (blanks === null) return lacking(this.missing, told);
      const standing = standIn(this.plans, streams, blanks);
      const usual = rates.rates.length > 0 ? rates.rates : [standInRate(first.every)];
      const problem = this.problem({ ...rates, rates: usual }, standing);
      return lacking(this.missing, { ...told, partial: { problem, blanks } });
    }
    const problem = this.problem(rates, streams);
    return withFollowUp(this.facts, complete(problem, this.uses, assumptions));
  }

  private get ask() {
    return this.facts.ask?.kind ?? "amount";
  }

  private get isBeginsAsked(): boolean {
    return this.ask === "begins" && this.plans[0]?.count !== null;
  }

  private planned(streams: readonly PaymentsFact[]): Plan[] {
    const plans: Plan[] = [];
    streams.forEach((fact, index) => {
      // What follows savings and is asked for is drawn from them.
      const isDrawn =
        index > 0 && this.side === "saving" && fact.amount === null && streams[0]?.amount !== null;
      const own = isDrawn ? "spending" : sideOf(this.facts, fact);
      const side = index === 0 ? this.side : own;
      const every = fact.every ?? plans[0]?.every ?? this.everyOf(fact);
      if (every === null) return;
      const base = IDS[side].stream;
      const id = plans.some((plan) => plan.id === base) ? `${base}2` : base;
      plans.push({ fact, side, id, every, count: null, begins: fact.waits ?? "P0D" });
    });
    plans.forEach((plan, index) => {
      plan.count = this.countOf(plan, index, plans);
      const before = plans[index - 1];
      if (before !== undefined) plan.begins = { endOf: before.id };
    });
    return plans;
  }

  /** A question that speaks of years alone pays by the year. */
  private everyOf(fact: PaymentsFact): string | null {
    const unit = fact.first ?? this.times[0]?.iso ?? null;
    const isYearly =
      unit !== null && /^P\d+Y$/.test(unit) && (fact.timing !== null || fact.growth !== null);
    // Beside "compounded monthly", "in arrears" alone does not say how often.
    const isOften = interestOf(this.facts).some(
      ({ quoting: { compounding } }) => compounding !== undefined && yearsIn(compounding) < 1,
    );
    if (isOften && fact.first === null) return null;
    return isYearly ? "P1Y" : null;
  }

  private countOf(
    { fact, every, id }: Plan,
    index: number,
    plans: readonly Plan[],
  ): number | "forever" | null {
    const isAsked =
      (this.ask === "count" || this.ask === "time") && fact.count === null && fact.term === null;
    if (isAsked && index === plans.length - 1) return null;
    const own = countOf(fact, every);
    // "Pays off a loan of £15,000 in six years" tells how long, and not when the loan is there.
    const goal = this.places.end?.at ?? this.places.start?.at ?? null;
    if (own !== null) return own;
    if (goal !== null && goal !== "end" && goal !== "P0D" && index === 0)
      return periodsIn(goal, every);
    const times = timesOfPayments(this.times, this.facts, fact);
    const usable = times.filter(
      ({ iso }) => periodsIn(iso, every) !== null && yearsIn(iso) > yearsIn(every),
    );
    const spare = usable[index] ?? (index === 0 ? usable[0] : undefined);
    if (spare === undefined) return null;
    this.uses.push(...usesOf(spare.marks, "time", { flow: id, field: "count" }));
    return periodsIn(spare.iso, every);
  }

  /** What is neither told nor asked for is missing. */
  private judge(isRateAsked: boolean): void {
    const open: MissingCode[] = [];
    this.plans.forEach((plan) => {
      if (plan.fact.amount === null) open.push("payment");
      if (plan.count === null) open.push("time");
    });
    const { start, down, end } = this.places;
    // "How many payments of £200 pay off a loan?": of what, nobody says.
    const isOfNothing =
      (this.ask === "count" || this.ask === "time") &&
      start === null &&
      end === null &&
      down.length === 0 &&
      this.shares.length === 0 &&
      this.plans.length === 1;
    if (isOfNothing) this.missing.push("amount");
    const isTold =
      this.plans.some(({ fact }) => fact.amount !== null) ||
      start !== null ||
      end !== null ||
      down.length > 0;
    // "What will she have?" asks for no payment: it is that which should have been told.
    const isOfValue = ["future", "present", "start"].includes(this.ask);
    if (!isTold) this.missing.push(isOfValue ? "payment" : "amount");
    const isGrowthAsked = this.plans.some(({ fact }) => isGrowthOpen(fact));
    const asked: MissingCode | null =
      isRateAsked || isGrowthAsked || this.isBeginsAsked ? "rate" : askedOf(this.ask, open);
    const rest = asked === null ? open : open.filter((_, index) => index !== open.indexOf(asked));
    this.missing.push(...rest);
  }

  private problem(rates: ReturnType<typeof ratesOf>, streams: readonly Flow[]): Problem {
    const isKnown =
      !rates.isAsked &&
      !this.isBeginsAsked &&
      this.plans.every(
        ({ fact, count }) => fact.amount !== null && count !== null && !isGrowthOpen(fact),
      );
    const known = this.singles();
    const wanted = isKnown ? this.wanted(known) : null;
    const isValue = wanted === "value";
    return problemOf({
      rates: rates.rates,
      flows: [...known, ...(wanted === null || wanted === "value" ? [] : [wanted]), ...streams],
      ...(isValue ? { ask: { find: "value", at: "P0D" } } : {}),
      currency: this.facts.currency,
    });
  }

  /** "The seller accepts €15,000 now and €2,000 a quarter": of what is worth something, the first is got as well. */
  private get isGotNow(): boolean {
    const { start } = this.places;
    const isOwn =
      start !== null &&
      start.at === "P0D" &&
      !["price", "fund", "deposit"].includes(start.role ?? "");
    return this.side === "spending" && this.ask === "present" && isOwn;
  }

  private startFlow(amount: number | null): Flow {
    const isPaid = this.side === "saving" || this.side === "spending";
    const direction = isPaid && !this.isGotNow ? "out" : "in";
    return { id: IDS[this.side].start, kind: "single", direction, amount, at: "P0D" };
  }

  private endFlow(amount: number | null): Flow {
    const isGot =
      this.side === "saving" ||
      (this.side === "spending" && !this.isSpentAtEnd) ||
      (amount !== null &&
        this.shares.length === 0 &&
        isExchanged(this.facts, this.places, this.plans));
    const direction = isGot ? "in" : "out";
    return { id: IDS[this.side].end, kind: "single", direction, amount, at: this.endOf() };
  }

  /** "…, and whose closure costs €900,000 at the end." */
  private get isSpentAtEnd(): boolean {
    const { end } = this.places;
    const before = end === null ? [] : this.facts.scope.before(end.mark, 2);
    return before.some(({ word }) => /^(?:costs?|costing|spends?|spent)$/.test(word));
  }

  private singles(): Flow[] {
    const { start, down, end } = this.places;
    const ids = IDS[this.side];
    const flows: Flow[] = [];
    if (start !== null) flows.push(this.startFlow(start.amount));
    if (start !== null) this.uses.push(...amountUses(start, ids.start));
    const isBack = isExchanged(this.facts, this.places, this.plans);
    down.forEach((amount, index) => {
      const base = isBack ? "amount" : "down";
      const id = index === 0 ? base : `${base}${String(index + 1)}`;
      const direction = isBack ? "in" : "out";
      flows.push({ id, kind: "single", direction, amount: amount.amount, at: "P0D" });
      this.uses.push(...amountUses(amount, id));
    });
    for (const share of this.shares) {
      const flow = shareFlow(share, start?.amount ?? 0, ids, this.endOf());
      flows.push(flow);
      this.uses.push(shareUse(share, flow));
    }
    const [first] = this.plans;
    const advance = first === undefined ? null : advanceOf(first);
    if (advance !== null) flows.push(advance);
    const multiple =
      start !== null && end === null && this.side === "saving" ? multipleIn(this.facts) : null;
    if (multiple !== null) {
      const { mark, times } = multiple;
      this.uses.push(...usesOf([mark], "share", { flow: ids.end, field: "amount" }));
      flows.push({ ...this.endFlow(null), amount: { times, of: ids.start } } as Flow);
    }
    if (end !== null) flows.push(this.endFlow(end.amount));
    if (end !== null) this.uses.push(...amountUses(end, ids.end));
    return flows;
  }

  /** The amount that is asked for where everything that is told is known. */
  private wanted(known: readonly Flow[]): Flow | "value" | null {
    const { start } = this.places;
    const end = this.places.end ?? this.shares.find(({ is }) => is === "end") ?? null;
    const { ask } = this;
    if (ask === "net-value" || this.isGotNow) return "value";
    if (ask === "present" && start === null && (this.side !== "repaying" || known.length === 0))
      return "value";
    if (this.side === "borrowing") return this.endFlow(null);
    if (this.side === "saving") {
      if (end !== null && start === null && ask !== "final") return this.startFlow(null);
      return end === null ? this.endFlow(null) : null;
    }
    if (start === null && !(ask === "final" || ask === "future")) return this.startFlow(null);
    return end === null ? this.endFlow(null) : null;
  }

  private endOf(): KnownPosition {
    const { facts, side, times } = this;
    const goal = this.places.end?.at ?? null;
    const { at, marks } = endTime(this.plans[0], { facts, side, goal, times });
    this.uses.push(...usesOf(marks, "time", { flow: IDS[side].end, field: "when" }));
    return at;
  }
}
