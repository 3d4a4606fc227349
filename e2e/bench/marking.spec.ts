import { test } from "@playwright/test";
import type { MistakeCode, Slip, Subject } from "@kestrelmoor/core/teaching";
import { bundleCore, bundleTeaching } from "./core-bundle";
import { report, reportFigure } from "./report";
import { chanceFrom, subjectOf, variedProblems } from "./varied-problems";

const PROBLEMS = 500;

/** Of the mistakes that fit a problem, the share that is made on it; each problem has a dozen. */
const SHARE_MADE = 0.35;
const WRONG_NUMBERS_EACH = 4;

/** Whether two slips give one number, and not only the same digits of it. */
function isSame(one: number, other: number): boolean {
  return Math.abs(one - other) <= 1e-9 * Math.abs(other);
}

test("mistakes named, and numbers wrongly blamed", async () => {
  const { core } = await bundleCore();
  const { core: teaching, gzip, brotli } = await bundleTeaching();
  const chance = chanceFrom(20_261_123);
  const pick = <One>(list: readonly One[]): One | undefined =>
    list[Math.floor(chance() * list.length)];
  const times: number[] = [];

  const valueOf = (subject: Subject, { problem, bend, figure }: Slip): number | null => {
    if (figure !== undefined) return figure(subject.answer);
    const question = core.questionOf(problem ?? subject.problem);
    if (!question.ok) return null;
    const { timeline } = question.value;
    const roots = core.findRoots({ ...question.value, timeline: bend?.(timeline) ?? timeline });
    return roots.ok ? roots.value.roots[0].answer.value : null;
  };
  // Money to cents; rates and times to four decimals, as answers are written here.
  const claimOf = ({ unit }: Subject, value: number) => {
    const decimals = unit === "money" ? 2 : 4;
    return { value: Number(value.toFixed(decimals)), half: 0.5 / 10 ** decimals };
  };
  const mark = (subject: Subject, value: number) => {
    const claim = claimOf(subject, value);
    const began = performance.now();
    const marking = teaching.markAnswer(subject.problem, claim);
    times.push(performance.now() - began);
    if (!marking.ok) throw new Error("The problem was solved before");
    return marking.value;
  };
  /** A number that can be told from the right one, and from nothing, by its digits. */
  const isTold = (subject: Subject, value: number | null): value is number =>
    value !== null &&
    Number.isFinite(value) &&
    Math.abs(value) < 1e10 &&
    claimOf(subject, value).value !== 0 &&
    Math.abs(value - subject.answer) > 2 * claimOf(subject, value).half;

  const combined = teaching.CATALOGUE.filter(({ isWhole }) => isWhole === undefined);
  const named = new Map<MistakeCode, { first: number; made: number }>();
  const pairs = { named: 0, made: 0 };
  const wrong = { blamed: 0, tried: 0 };
  for (const subject of variedProblems(core, PROBLEMS, chance)) {
    for (const { code, slips, rarer } of teaching.CATALOGUE) {
      if (chance() > SHARE_MADE) continue;
      const usual = slips(subject);
      const rare = rarer?.(subject) ?? [];
      const slip = pick(chance() < 0.3 && rare.length > 0 ? rare : usual);
      const value = slip === undefined ? null : valueOf(subject, slip);
      if (!isTold(subject, value)) continue;
      const marking = mark(subject, value);
      if (marking.verdict === "right") continue;
      const tally = named.get(code) ?? { first: 0, made: 0 };
      tally.made += 1;
      // A slip that gives the same number as another is listed beside it.
      const told = "explanations" in marking ? marking.explanations : null;
      const same = told?.filter((one) => isSame(one.value, told[0].value)) ?? [];
      if (same.some(({ codes }) => codes.length === 1 && codes[0] === code)) tally.first += 1;
      named.set(code, tally);
    }

    const one = pick(
      combined.flatMap(({ code, slips }) => {
        const slip = pick(
          slips(subject).filter(
            ({ problem, bend, isRare }) =>
              problem !== undefined && bend === undefined && isRare === undefined,
          ),
        );
        return slip === undefined ? [] : [{ code, slip }];
      }),
    );
    const between = one === undefined ? null : subjectOf(core, one.slip.problem);
    if (one !== undefined && between !== null) {
      const other = pick(
        combined
          .filter(({ code }) => code !== one.code)
          .flatMap(({ code, slips }) => {
            const slip = pick(slips(between).filter(({ isRare }) => isRare === undefined));
            return slip === undefined ? [] : [{ code, slip }];
          }),
      );
      const value = other === undefined ? null : valueOf(between, other.slip);
      const alone = other === undefined ? null : valueOf(subject, other.slip);
      const same = (a: number | null, b: number) =>
        a !== null && claimOf(subject, a).value === claimOf(subject, b).value;
      // Two mistakes that look like one of them alone cannot be told from it by anybody.
      if (
        other !== undefined &&
        isTold(subject, value) &&
        !same(between.answer, value) &&
        !same(alone, value)
      ) {
        const marking = mark(subject, value);
        if (marking.verdict !== "right") {
          pairs.made += 1;
          const wanted = [one.code, other.code].sort().join();
          const found = "explanations" in marking ? marking.explanations : [];
          if (found.some(({ codes }) => [...codes].sort().join() === wanted)) pairs.named += 1;
        }
      }
    }

    for (let index = 0; index < WRONG_NUMBERS_EACH; index += 1) {
      const marking = mark(subject, subject.answer * (0.7 + 0.6 * chance()));
      if (marking.verdict === "right") continue;
      wrong.tried += 1;
      if ("explanations" in marking) wrong.blamed += 1;
    }
  }

  const percent = (part: number, whole: number) =>
    `${((100 * part) / whole).toFixed(1)}% of ${whole.toLocaleString("en")}`;
  const all = [...named.values()].reduce(
    (sum, { first, made }) => ({ first: sum.first + first, made: sum.made + made }),
    { first: 0, made: 0 },
  );
  for (const [code, { first, made }] of [...named].sort())
    report(`named first: ${code}`, percent(first, made));
  reportFigure(
    `single mistakes named first, over ${PROBLEMS} varied problems`,
    "95%",
    percent(all.first, all.made),
  );
  reportFigure(
    "pairs of mistakes named among the first three",
    "80%",
    percent(pairs.named, pairs.made),
  );
  reportFigure(
    "random answers within ±30% wrongly attributed to a mistake",
    "2%",
    percent(wrong.blamed, wrong.tried),
  );
  times.sort((a, b) => a - b);
  const at = (share: number) => `${(times[Math.floor(times.length * share)] ?? NaN).toFixed(1)} ms`;
  reportFigure("marking an answer: median / 95th", "50 ms", `${at(0.5)} / ${at(0.95)}`);
  report("  slowest", at(0.99999));
  report(
    "what teaches without Zod, minified: gzip / brotli",
    `${(gzip / 1000).toFixed(1)} / ${(brotli / 1000).toFixed(1)} kB`,
  );
});
