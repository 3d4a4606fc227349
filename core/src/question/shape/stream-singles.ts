import type { Flow, KnownPosition } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { TimeFact } from "../facts/times";
import { endTime } from "./end-time";
import { advanceOf, isExchanged, multipleIn } from "./extra-flows";
import type { Places } from "./places";
import { IDS, type Plan } from "./plans";
import { amountUses, type Use, usesOf } from "./shape";
import { shareFlow, shareUse, type Share } from "./shares";
import type { Side } from "./sides";

/** What stands beside the payments of a question. */
export interface BesidePayments {
  readonly facts: Facts;
  readonly side: Side;
  readonly places: Places;
  readonly shares: readonly Share[];
  readonly plans: readonly Plan[];
  readonly times: readonly TimeFact[];
}

/** The single amounts of a question about payments: those that are told, and the one that is asked for. */
export class StreamSingles {
  readonly uses: Use[] = [];

  constructor(private readonly read: BesidePayments) {}

  private get ask() {
    return this.read.facts.ask?.kind ?? "amount";
  }

  /** "The seller accepts €15,000 now and €2,000 a quarter": of what is worth something, the first is got as well. */
  private get isGotNow(): boolean {
    const { start } = this.read.places;
    const isOwn =
      start !== null &&
      start.at === "P0D" &&
      !["price", "fund", "deposit"].includes(start.role ?? "");
    return this.read.side === "spending" && this.ask === "present" && isOwn;
  }

  private startFlow(amount: number | null): Flow {
    const isPaid = this.read.side === "saving" || this.read.side === "spending";
    const direction = isPaid && !this.isGotNow ? "out" : "in";
    return { id: IDS[this.read.side].start, kind: "single", direction, amount, at: "P0D" };
  }

  private endFlow(amount: number | null): Flow {
    const isGot =
      this.read.side === "saving" ||
      (this.read.side === "spending" && !this.isSpentAtEnd) ||
      (amount !== null &&
        this.read.shares.length === 0 &&
        isExchanged(this.read.facts, this.read.places, this.read.plans));
    const direction = isGot ? "in" : "out";
    return { id: IDS[this.read.side].end, kind: "single", direction, amount, at: this.endOf() };
  }

  /** "…, and whose closure costs €900,000 at the end." */
  private get isSpentAtEnd(): boolean {
    const { end } = this.read.places;
    const before = end === null ? [] : this.read.facts.scope.before(end.mark, 2);
    return before.some(({ word }) => /^(?:costs?|costing|spends?|spent)$/.test(word));
  }

  /** Those that are told, with what is paid at once, shares of them and multiples. */
  told(): Flow[] {
    const { start, down, end } = this.read.places;
    const ids = IDS[this.read.side];
    const flows: Flow[] = [];
    if (start !== null) flows.push(this.startFlow(start.amount));
    if (start !== null) this.uses.push(...amountUses(start, ids.start));
    const isBack = isExchanged(this.read.facts, this.read.places, this.read.plans);
    down.forEach((amount, index) => {
      const base = isBack ? "amount" : "down";
      const id = index === 0 ? base : `${base}${String(index + 1)}`;
      const direction = isBack ? "in" : "out";
      flows.push({ id, kind: "single", direction, amount: amount.amount, at: "P0D" });
      this.uses.push(...amountUses(amount, id));
    });
    for (const share of this.read.shares) {
      const flow = shareFlow(share, start?.amount ?? 0, ids, this.endOf());
      flows.push(flow);
      this.uses.push(shareUse(share, flow));
    }
    const [first] = this.read.plans;
    const advance = first === undefined ? null : advanceOf(first);
    if (advance !== null) flows.push(advance);
    const multiple =
      start !== null && end === null && this.read.side === "saving"
        ? multipleIn(this.read.facts)
        : null;
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
  wanted(known: readonly Flow[]): Flow | "value" | null {
    const { start } = this.read.places;
    const end = this.read.places.end ?? this.read.shares.find(({ is }) => is === "end") ?? null;
    const { ask } = this;
    if (ask === "net-value" || this.isGotNow) return "value";
    if (
      ask === "present" &&
      start === null &&
      (this.read.side !== "repaying" || known.length === 0)
    )
      return "value";
    if (this.read.side === "borrowing") return this.endFlow(null);
    if (this.read.side === "saving") {
      if (end !== null && start === null && ask !== "final") return this.startFlow(null);
      return end === null ? this.endFlow(null) : null;
    }
    if (start === null && !(ask === "final" || ask === "future")) return this.startFlow(null);
    return end === null ? this.endFlow(null) : null;
  }

  private endOf(): KnownPosition {
    const { facts, side, times } = this.read;
    const goal = this.read.places.end?.at ?? null;
    const { at, marks } = endTime(this.read.plans[0], { facts, side, goal, times });
    this.uses.push(...usesOf(marks, "time", { flow: IDS[side].end, field: "when" }));
    return at;
  }
}
