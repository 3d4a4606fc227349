import type { Flow, Problem } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import { spareTimes, type TimeFact } from "../facts/times";
import { periodsIn, timesSpan, yearsIn } from "../marks/span";
import { isOfPayments } from "./of-payments";
import { placesOf, type Places } from "./places";
import { interestOf, ratesOf } from "./rates";
import {
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
import { askedOf, isGrowthOpen } from "./left-open";
import { IDS, inOrder, stillToPay, type Plan } from "./plans";
import { savedShare, sharesIn, type Share } from "./shares";
import { standIn, standInRate } from "./stand-in";
import { StreamSingles } from "./stream-singles";
import { sideOf, type Side } from "./sides";
import { countOf, streamOf } from "./streams";

/** A question about payments: a loan, a savings plan, a pension, a lease, or saving and then spending. */
export function withStreams(facts: Facts, choices: Choices): Shape {
  return new StreamQuestion(facts, choices).shape();
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
    const saved = savedShare(facts, this.side, placesOf(facts, amounts, this.side));
    this.places = saved.places;
    this.uses.push(...saved.uses);
    const isOfPrice = this.side === "repaying" || this.side === "renting";
    this.shares = isOfPrice && this.places.start !== null ? sharesIn(facts) : [];
    const placed = [this.places.start, ...this.places.down, this.places.end].flatMap(
      (one) => one?.marks ?? [],
    );
    this.times = spareTimes(facts, new Set([...taken, ...placed]));
    const more = this.ask === "payment" ? stillToPay(facts, streams[0], this.times) : [];
    this.plans = this.planned([...streams, ...more]);
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
    const { facts, side, places, shares, plans, times } = this;
    const singles = new StreamSingles({ facts, side, places, shares, plans, times });
    const known = singles.told();
    const wanted = isKnown ? singles.wanted(known) : null;
    this.uses.push(...singles.uses);
    const isValue = wanted === "value";
    return problemOf({
      rates: rates.rates,
      flows: [...known, ...(wanted === null || wanted === "value" ? [] : [wanted]), ...streams],
      ...(isValue ? { ask: { find: "value", at: "P0D" } } : {}),
      currency: this.facts.currency,
    });
  }
}
