import { compoundingsOf, singlesOf, yearsAt } from "../parts-of-problem";
import type { Mistake, Slip, Subject } from "../mistake";

/** Simple interest is reckoned where interest earns interest. */
export const compoundingIgnored: Mistake = {
  code: "compounding-ignored",
  nextTime: "Interest that is added earns interest too: use a power, not a product with the time.",
  slips: (subject) => {
    const figure = simpleAnswer(subject);
    const slip: Slip = {
      done: () => "simple interest was reckoned, on the first amount only",
      corrected: () => "Interest is added to the balance and earns interest from then on.",
      figure: () => figure,
    };
    return figure === null ? [] : [slip];
  },
};

/** What two amounts and one rate come to with simple interest; `null` for anything else. */
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
  const perYear = rate.quoted === "periodic" ? (compoundingsOf(rate) ?? 1) : 1;
  const yearly = typeof rate.percent === "number" ? (rate.percent / 100) * perYear : null;
  const [present, future] = [Math.abs(early.amount), Math.abs(late.amount)];
  switch (unknown.kind) {
    case "amount": {
      const own = flows[Number(unknown.path[1])];
      if (yearly === null) return null;
      return own === late ? present * (1 + yearly * years) : future / (1 + yearly * years);
    }
    case "percent":
      return ((future / present - 1) / years / perYear) * 100;
    case "at": {
      const known = singles.map(({ flow }) => yearsAt(flow.at)).find((at) => at !== null) ?? 0;
      return yearly === null ? null : known + (future / present - 1) / yearly;
    }
    default:
      return null;
  }
}
