import type { Problem } from "../../engine/problem/schema";
import { runsOf } from "../../engine/flows/flow-kinds";
import { balanceAt } from "../../engine/solve/balance";
import { findRoots } from "../../engine/solve/solve";
import { agrees, agreesInSize, type Claim } from "../../engine/numbers/claim";
import { ROUNDING_CODES, type MistakeCode, type Slip, type Subject } from "./mistake";

import { isOfResult, slipsOf, type Made } from "./made";
import { Beginning, PASSES } from "./pairs";
import { questionAfter } from "./subject-after";
import { PART_BETWEEN, isClose } from "../../engine/numbers/compare";

/** One mistake, or two together, that give exactly the number. */
export interface Explanation {
  readonly codes: readonly MistakeCode[];
  readonly slips: readonly Slip[];
  readonly nextTime: readonly string[];
  /** The resulting number, with all its digits. */
  readonly value: number;
  /** The problem that was solved instead; the correct one if only the result was written down wrongly. */
  readonly problem: Problem;
}

/** The most explanations shown. */
const MOST_TOLD = 3;

/**
 * The share of all numbers within ±30% of the correct one, with the digits of the claim, that a search may explain
 * by chance. Beyond this a match is no evidence.
 * See docs/decisions/0016-mistakes-within-the-reach-of-chance.md.
 */
const CHANCE_OF_SINGLES = 0.05;
const CHANCE_OF_PAIRS = 0.05;

/** The usual range of wrong numbers, as a fraction of the correct one. */
const NEAR = 0.3;

/** Longer problems are searched for single mistakes only. */
const MOST_FLOWS_FOR_PAIRS = 8;

/**
 * The cost of trials, in trials of an amount on an ordinary problem; a search ends at its limit of work.
 * On a long problem, with more runs of payments than this, each trial costs more in proportion.
 */
const COST = { trial: 1, workings: 45 } as const;
const WORK_FOR_SINGLES = 700;
const WORK_FOR_PAIRS = 600;
const ORDINARY_RUNS = 12;

export class Search {
  private readonly found: Explanation[] = [];
  private readonly cells: number;
  private tried = 0;
  private work = 0;
  /** Whether only the sign can be wrong: a slip that gives the correct size is then no explanation. */
  private readonly isRightInSize: boolean;
  /** The cost of a trial, relative to an ordinary problem. */
  private readonly weight: number;

  /**
   * @param read what is marked of a problem that was solved instead, where that is not its answer: a follow-up
   */
  constructor(
    private readonly subject: Subject,
    private readonly claim: Claim,
    private readonly read?: (problem: Problem) => number | null,
  ) {
    this.isRightInSize = agreesInSize(claim, subject.answer);
    this.cells = (2 * NEAR * Math.abs(subject.answer)) / (2 * claim.half);
    const { flows, spells } = subject.solution.settled;
    const runs = flows.reduce((count, flow) => count + runsOf(flow).length, 0);
    this.weight = Math.max(1, (runs * spells.length) / ORDINARY_RUNS);
  }

  run(): Explanation[] {
    const singles = slipsOf(this.subject);
    for (const made of singles) {
      const isCheap = isOfResult(made.slip) && made.slip.isSlow !== true;
      if (this.tried > CHANCE_OF_SINGLES * this.cells && !isOfResult(made.slip)) continue;
      if (this.work > WORK_FOR_SINGLES && !isCheap) continue;
      const value = this.valueIfHit(this.subject, made.slip);
      if (value === null) continue;
      this.tell([made], value);
      if (!agrees(this.claim, value)) this.tellWithSign(made, singles, value);
    }
    // Where only the sign or the last digit is wrong, nothing else need be.
    const isShort =
      !this.isRightInSize &&
      !this.isOfRounding &&
      this.read === undefined &&
      this.subject.problem.flows.length <= MOST_FLOWS_FOR_PAIRS;
    if (this.found.length < MOST_TOLD && isShort) this.tryPairs(singles);
    return this.found.slice(0, MOST_TOLD);
  }

  private get isOfRounding(): boolean {
    return this.found.some(({ codes }) => codes.every((code) => ROUNDING_CODES.has(code)));
  }

  private tryPairs(singles: readonly Made[]): void {
    this.work = 0;
    const firsts = singles
      .filter(
        ({ mistake, slip }) =>
          slip.problem !== undefined && slip.isRare !== true && mistake.isWhole !== true,
      )
      .map((one) => new Beginning(one));
    for (const isOfPass of PASSES) {
      for (const { one, subject, seconds } of firsts) {
        if (subject === null) continue;
        for (const other of seconds) {
          if (!isOfPass(one, other)) continue;
          const value = this.valueIfHit(subject, other.slip);
          if (value !== null) this.tell([one, other], value);
          if (this.isDone) return;
        }
      }
    }
  }

  private get isDone(): boolean {
    return (
      this.found.length >= MOST_TOLD ||
      this.work > WORK_FOR_PAIRS ||
      this.tried > CHANCE_OF_PAIRS * this.cells
    );
  }

  /** The number that a slip gives, if it equals the claim. Counts the numbers that chance could have matched. */
  private valueIfHit(subject: Subject, slip: Slip): number | null {
    const { claim } = this;
    if (slip.figure !== undefined) {
      this.work += slip.isSlow === true ? COST.workings * this.weight : COST.trial / 8;
      const value = slip.figure(subject.answer);
      if (value === null || !Number.isFinite(value)) return null;
      this.count(value);
      return agrees(claim, value) && !this.isRight(value) ? value : null;
    }
    if (this.isRightInSize) return null;
    this.work += COST.trial * this.weight;
    if (this.read !== undefined) return this.readIfHit(slip, this.read);
    const question = questionAfter(slip, subject.problem);
    if (question === null) return null;
    const { kind } = question.unknown;
    if (kind === "amount" || kind === "value") {
      const roots = findRoots(question);
      if (!roots.ok) return null;
      const { value } = roots.value.roots[0].answer;
      this.count(value);
      const hits = kind === "value" ? agrees(claim, value) : agreesInSize(claim, value);
      return hits && !this.isRight(value) ? value : null;
    }
    // Whether the claim balances is checked without solving.
    this.tried += UNSEEN;
    const low = balanceAt(question.timeline, claim.value - claim.half);
    const high = balanceAt(question.timeline, claim.value + claim.half);
    if (!(Math.sign(low) * Math.sign(high) <= 0)) return null;
    const roots = findRoots(question);
    const value = roots.ok
      ? roots.value.roots.map((root) => root.answer.value).find((one) => agrees(claim, one))
      : undefined;
    return value === undefined || this.isRight(value) ? null : value;
  }

  /** The same of what is read from the problem; what no problem file can say is not tried. */
  private readIfHit({ problem, bend }: Slip, read: (problem: Problem) => number | null) {
    if (problem === undefined || bend !== undefined) return null;
    const value = read(problem);
    if (value === null) return null;
    this.count(value);
    return agreesInSize(this.claim, value) && !this.isRight(value) ? value : null;
  }

  private count(value: number): void {
    const right = Math.abs(this.subject.answer);
    if (Math.abs(Math.abs(value) - right) <= NEAR * right) this.tried += 1;
  }

  /** An amount is matched by size only; if its sign is wrong too, a second mistake says so. */
  private tellWithSign(made: Made, singles: readonly Made[], value: number): void {
    const turned = singles.find(
      ({ mistake, slip }) => mistake.code === "wrong-sign" && isOfResult(slip),
    );
    if (turned !== undefined) this.add([made, turned], -value);
  }

  /** A slip that changes nothing is no explanation. */
  private isRight(value: number): boolean {
    return isClose(value, this.subject.answer, PART_BETWEEN.engine);
  }

  private tell(made: readonly Made[], value: number): void {
    const codes = made.map(({ mistake }) => mistake.code);
    const key = codes.toSorted().join();
    // What is cut off is off in its last digit too.
    if (key === "last-digit-off" && this.isOfRounding) return;
    if (this.found.some((one) => one.codes.toSorted().join() === key)) return;
    // A pair is redundant if one of the two slips explains the number.
    const isExplained = (code: MistakeCode) =>
      this.found.some((one) => one.codes.length === 1 && one.codes[0] === code);
    if (codes.length > 1 && codes.some(isExplained)) return;
    this.add(made, value);
  }

  private add(made: readonly Made[], value: number): void {
    this.found.push({
      codes: made.map(({ mistake }) => mistake.code),
      slips: made.map(({ slip }) => slip),
      nextTime: made.map(({ mistake, slip }) => slip.nextTime ?? mistake.nextTime),
      value,
      problem:
        made.findLast(({ slip }) => slip.problem !== undefined)?.slip.problem ??
        this.subject.problem,
    });
  }
}

/** The share of trials without a calculated number that may lie near the correct one. */
const UNSEEN = 0.5;
