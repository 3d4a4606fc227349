import { expandFlow } from "../../../engine/flows/flow-kinds";
import { sum } from "../../../engine/numbers/sum";
import { NO_GROWTH } from "../../../engine/rates/accumulation";
import { isCompounded, singlesOf, toldPerYear, yearsAt } from "../parts-of-problem";
import type { Mistake, Slip, Subject } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["compounding-ignored"];

/** The student used simple interest instead of compound interest. */
export const compoundingIgnored: Mistake = {
  code: "compounding-ignored",
  nextTime: WORDS.nextTime,
  slips: (subject) => {
    const figure = isCompounded(subject.problem) ? simpleAnswer(subject) : null;
    return figure === null ? [] : [slipTo(figure)];
  },
  rarer: (subject) => (isCompounded(subject.problem) ? simpleWorths(subject).map(slipTo) : []),
};

function slipTo(figure: number): Slip {
  return {
    done: WORDS.done,
    corrected: WORDS.corrected,
    figure: () => figure,
  };
}

/** The answer with simple interest, for two amounts and one rate; `null` for any other problem. */
function simpleAnswer(subject: Subject): number | null {
  const { problem, unknown } = subject;
  const singles = singlesOf(problem);
  const [rate] = problem.rates;
  if (singles.length !== 2 || problem.flows.length !== 2 || problem.rates.length !== 1) return null;
  const { flows } = subject.solution.settled;
  const [one, other] = flows;
  if (one?.kind !== "single" || other?.kind !== "single" || rate === undefined) return null;
  const [early, late] = one.at <= other.at ? [one, other] : [other, one];
  const years = late.at - early.at;
  const perYear = toldPerYear(rate);
  const yearly = typeof rate.percent === "number" ? (rate.percent / 100) * perYear : null;
  const [present, future] = [Math.abs(early.amount), Math.abs(late.amount)];
  switch (unknown.kind) {
    case "amount": {
      const own = flows[unknown.field.line];
      if (yearly === null) return null;
      return own === late ? present * (1 + yearly * years) : future / (1 + yearly * years);
    }
    case "percent":
      return ((future / present - 1) / years / perYear) * 100;
    case "at": {
      const known =
        singles.map(({ flow }) => yearsAt(problem, flow.at)).find((at) => at !== null) ?? 0;
      return yearly === null ? null : known + (future / present - 1) / yearly;
    }
    default:
      return null;
  }
}

/** Nobody values more payments than this one by one. */
const MOST_PAYMENTS = 600;

/** The unknown amount if every amount is moved by simple interest: all to the last date, or all back to today. */
function simpleWorths(subject: Subject): number[] {
  const { problem, unknown, unit, answer } = subject;
  const [rate] = problem.rates;
  const percent = rate?.percent;
  const refers = problem.flows.some((flow) => "amount" in flow && isReference(flow.amount));
  if (unknown.kind !== "amount" || unit !== "money" || refers) return [];
  if (rate === undefined || typeof percent !== "number" || problem.rates.length > 1) return [];
  const index = unknown.field.line;
  const own = problem.flows[index];
  if (!problem.flows.some(({ kind }) => kind === "stream")) return [];
  if (own === undefined || !("amount" in own) || own.amount !== null || answer === 0) return [];
  const perYear = toldPerYear(rate);
  const yearly = (percent / 100) * perYear;
  const { flows } = subject.solution.settled;
  if (flows.some((flow) => flow.kind === "stream" && !(flow.count <= MOST_PAYMENTS))) return [];
  const paid = flows.map((flow) => expandFlow(flow, NO_GROWTH));
  const end = Math.max(...paid.flat().map(({ at }) => at));
  return [(at: number) => 1 + yearly * (end - at), (at: number) => 1 / (1 + yearly * at)].flatMap(
    (factor) => {
      const worths = paid.map((amounts) =>
        sum(amounts.map(({ amount, at }) => amount * factor(at))),
      );
      const [unknownWorth, known] = [
        worths[index] ?? 0,
        sum(worths.filter((_, at) => at !== index)),
      ];
      // The value of the unknown amount is proportional to the amount itself.
      const found = Math.abs((answer * known) / unknownWorth);
      return Number.isFinite(found) ? [found] : [];
    },
  );
}

function isReference(amount: unknown): boolean {
  return typeof amount === "object" && amount !== null;
}
