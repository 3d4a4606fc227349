import type { Problem } from "../problem/schema";
import { succeed, type Result } from "../result";
import { balanceAt } from "../solve/balance";
import { findRoots, questionOf, solve } from "../solve/solve";
import type { Answer, Solution } from "../solve/solution";
import type { Question } from "../solve/solver";
import { CATALOGUE } from "./catalogue";
import { agrees, agreesInSize, type Claim } from "./claim";
import type { Mistake, MistakeCode, Slip, Subject } from "./mistake";

/** What was made of a number that somebody got. */
export type Marking =
  | {
      readonly verdict: "right";
      /** In which of its forms it is right. */
      readonly as: RightAs;
      readonly answer: Answer;
    }
  | {
      readonly verdict: "explained";
      readonly explanations: readonly Explanation[];
      readonly answer: Answer;
    }
  | { readonly verdict: "unexplained"; readonly answer: Answer };

/** The forms in which an answer may be given: rates as decimals, counts in whole payments or in years. */
export type RightAs = "it is" | "decimal" | "whole payments" | "years" | "size";

/** One mistake, or two together, that yield just the number. */
export interface Explanation {
  readonly codes: readonly MistakeCode[];
  readonly slips: readonly Slip[];
  readonly nextTime: readonly string[];
  /** The number that comes of it, with all its digits. */
  readonly value: number;
  /** The problem that was worked instead; the right one where only the result was written down wrongly. */
  readonly problem: Problem;
}

/** As many are told as somebody can weigh. */
const MOST_TOLD = 3;

/**
 * Of all the numbers within ±30 % of the right one that can be written with the digits of a claim, the
 * share that a search may explain by chance: beyond it a hit says nothing.
 * See docs/decisions/0016-mistakes-within-the-reach-of-chance.md.
 */
const CHANCE_OF_SINGLES = 0.05;
const CHANCE_OF_PAIRS = 0.05;

/** The range in which wrong numbers are usual, as a part of the right one. */
const NEAR = 0.3;

/** Longer problems are searched for single mistakes only. */
const MOST_FLOWS_FOR_PAIRS = 8;

/**
 * Says whether a number is the answer, and if not, which mistake, or pair of them, gives just that number.
 *
 * @param problem one that `readProblem` has passed
 * @param claim the number, with how precisely it was written
 * @returns fails as `solve` does; explanations likeliest first, three at most
 */
export function markAnswer(problem: Problem, claim: Claim): Result<Marking> {
  const solved = solve(problem);
  if (!solved.ok) return solved;
  const solution = solved.value;
  const right = rightAs(solution, claim, problem);
  const answer = solution.answers[0];
  if (right !== null) return succeed({ verdict: "right", as: right, answer });
  const subject = subjectOf(problem, solution.unknown, answer, () => solution);
  const explanations = new Search(subject, claim).run();
  return succeed(
    explanations.length > 0
      ? { verdict: "explained", explanations, answer }
      : { verdict: "unexplained", answer },
  );
}

function rightAs(solution: Solution, claim: Claim, problem: Problem): RightAs | null {
  const { unknown, answers, facts } = solution;
  for (const { value, unit } of answers) {
    switch (unit) {
      case "money": {
        if (agrees(claim, value)) return "it is";
        // One-sided worths have no sign to lose.
        const isOneSided = facts.totalIn === 0 || facts.totalOut === 0;
        if (unknown.kind === "value" && isOneSided && agreesInSize(claim, value)) return "size";
        break;
      }
      case "percent":
        if (agrees(claim, value)) return "it is";
        if (claim.isPercent !== true && claim.half < 0.005 && agrees(claim, value / 100)) {
          return "decimal";
        }
        break;
      case "years":
        if (agrees(claim, value)) return "it is";
        break;
      case "payments": {
        const flow = problem.flows[Number(unknown.path[1])];
        const stream = facts.streams.find(({ id }) => id === flow?.id);
        const years = facts.wholePayments?.years;
        if (claim.isTime === true) {
          const exact =
            stream === undefined || years === undefined ? null : value * periodOf(stream);
          if (exact !== null && agrees(claim, exact)) return "years";
          if (years !== undefined && agrees(claim, years)) return "years";
          break;
        }
        const whole = facts.wholePayments;
        const last = whole?.smallerLast === undefined ? null : whole.full + 1;
        const isWhole = Number.isInteger(claim.value) && claim.half >= 0.5;
        if (isWhole && last !== null && (claim.value === whole?.full || claim.value === last)) {
          return "whole payments";
        }
        if (agrees(claim, value)) return "it is";
        break;
      }
    }
  }
  return null;
}

/** Years between two payments of a stream. */
function periodOf({
  payments,
  firstYears,
  lastYears,
}: Solution["facts"]["streams"][number]): number {
  return payments === null || lastYears === null || payments < 2
    ? 1
    : (lastYears - firstYears) / (payments - 1);
}

/** A slip with the mistake it belongs to. */
interface Made {
  readonly mistake: Mistake;
  readonly rank: number;
  readonly slip: Slip;
}

/** What trying costs, in trials of an amount; a search for pairs ends when its work is done. */
const COST = { trial: 1, workings: 15 } as const;
const WORK_FOR_PAIRS = 600;

class Search {
  private readonly found: Explanation[] = [];
  private readonly cells: number;
  private tried = 0;
  private work = 0;

  constructor(
    private readonly subject: Subject,
    private readonly claim: Claim,
  ) {
    this.cells = (2 * NEAR * Math.abs(subject.answer)) / (2 * claim.half);
  }

  run(): Explanation[] {
    const singles = slipsOf(this.subject);
    for (const made of singles) {
      if (this.tried > CHANCE_OF_SINGLES * this.cells && !isOfResult(made.slip)) continue;
      const value = this.valueIfHit(this.subject, made.slip);
      if (value !== null) this.tell([made], value);
    }
    const isShort = this.subject.problem.flows.length <= MOST_FLOWS_FOR_PAIRS;
    if (this.found.length < MOST_TOLD && isShort) this.tryPairs(singles);
    return this.found.slice(0, MOST_TOLD);
  }

  private tryPairs(singles: readonly Made[]): void {
    this.work = 0;
    const firsts = singles
      .filter(({ slip }) => slip.problem !== undefined && slip.isRare !== true)
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

  /** The number that a slip gives, if it is the claim. Counts what could have been hit by chance. */
  private valueIfHit(subject: Subject, slip: Slip): number | null {
    const { claim } = this;
    if (slip.figure !== undefined) {
      this.work += slip.isSlow === true ? COST.workings : COST.trial / 8;
      const value = slip.figure(subject.answer);
      if (value === null || !Number.isFinite(value)) return null;
      this.count(value);
      return agrees(claim, value) && !this.isRight(value) ? value : null;
    }
    this.work += COST.trial;
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
    // Whether the claim balances is found without solving for what would.
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

  private count(value: number): void {
    const right = Math.abs(this.subject.answer);
    if (Math.abs(Math.abs(value) - right) <= NEAR * right) this.tried += 1;
  }

  /** A slip that changes nothing explains nothing. */
  private isRight(value: number): boolean {
    return Math.abs(value - this.subject.answer) <= 1e-12 * Math.abs(this.subject.answer);
  }

  private tell(made: readonly Made[], value: number): void {
    const codes = made.map(({ mistake }) => mistake.code);
    const key = codes.toSorted().join();
    if (this.found.some((one) => one.codes.toSorted().join() === key)) return;
    // A pair says nothing new where one of the two alone has explained it.
    const isExplained = (code: MistakeCode) =>
      this.found.some((one) => one.codes.length === 1 && one.codes[0] === code);
    if (codes.length > 1 && codes.some(isExplained)) return;
    this.found.push({
      codes,
      slips: made.map(({ slip }) => slip),
      nextTime: made.map(({ mistake }) => mistake.nextTime),
      value,
      problem:
        made.findLast(({ slip }) => slip.problem !== undefined)?.slip.problem ??
        this.subject.problem,
    });
  }
}

/** A first slip, and what may follow it; worked out when a pair with it is first tried. */
class Beginning {
  private made: { readonly subject: Subject | null; readonly seconds: readonly Made[] } | null =
    null;

  constructor(readonly one: Made) {}

  get subject(): Subject | null {
    return this.ready.subject;
  }

  get seconds(): readonly Made[] {
    return this.ready.seconds;
  }

  private get ready() {
    const subject = this.made === null ? subjectAfter(this.one.slip) : null;
    return (this.made ??= {
      subject,
      seconds:
        subject === null ? [] : usualSlips(subject).filter((other) => mayFollow(this.one, other)),
    });
  }
}

/** Whether a second slip makes a pair with a first one. */
function mayFollow(one: Made, { mistake, slip }: Made): boolean {
  if (mistake === one.mistake || slip.isRare === true || slip.isCostly === true) return false;
  // Of one whose timeline was bent there is no problem file that another slip could change.
  return one.slip.bend === undefined || slip.figure !== undefined;
}

/** A pair of likely mistakes is likelier than one with a slip of the pen, so pairs are tried in this order. */
const PASSES: readonly ((one: Made, other: Made) => boolean)[] = [
  (one, other) => other.slip.figure === undefined && isLater(one, other),
  (_, other) => other.slip.figure !== undefined && other.mistake.code !== "rounded-factor",
  (_, other) => other.mistake.code === "rounded-factor",
];

/** Of trials whose number is not worked out, the share that may lie near the right one. */
const UNSEEN = 0.5;

/** Which of two is made first makes no difference, so only one order is tried. */
function isLater(one: Made, other: Made): boolean {
  return other.slip.bend !== undefined || one.rank < other.rank;
}

/** Every slip that can be made, the likelier ones first. */
function slipsOf(subject: Subject): Made[] {
  const usual = usualSlips(subject);
  const rarer = CATALOGUE.flatMap((mistake, rank) =>
    (mistake.rarer?.(subject) ?? []).map((slip): Made => ({ mistake, rank, slip })),
  );
  return [
    ...usual.filter(({ slip }) => slip.isRare !== true),
    ...usual.filter(({ slip }) => slip.isRare === true),
    ...rarer,
  ];
}

function usualSlips(subject: Subject): Made[] {
  return CATALOGUE.flatMap((mistake, rank) =>
    mistake.slips(subject).map((slip): Made => ({ mistake, rank, slip })),
  );
}

/** Whether only the result was written down wrongly. */
function isOfResult({ figure }: Slip): boolean {
  return figure !== undefined;
}

function questionAfter({ problem, bend }: Slip, before: Problem): Question | null {
  const question = questionOf(problem ?? before);
  if (!question.ok) return null;
  return bend === undefined
    ? question.value
    : { ...question.value, timeline: bend(question.value.timeline) };
}

/** A problem as somebody has it who has made one slip already. */
function subjectAfter(slip: Slip): Subject | null {
  const question = slip.problem === undefined ? null : questionAfter(slip, slip.problem);
  const roots = question === null ? null : findRoots(question);
  if (question === null || roots?.ok !== true) return null;
  const { problem, unknown } = question;
  const { answer } = roots.value.roots[0];
  return subjectOf(problem, unknown, answer, () => {
    const solved = solve(problem);
    if (!solved.ok) throw new TypeError("What has roots has a solution");
    return solved.value;
  });
}

function subjectOf(
  problem: Problem,
  unknown: Subject["unknown"],
  { value, unit }: Answer,
  solutionOf: () => Solution,
): Subject {
  let solution: Solution | null = null;
  return {
    problem,
    unknown,
    unit,
    answer: value,
    get solution() {
      return (solution ??= solutionOf());
    },
  };
}
