import { expect, test } from "@jest/globals";
import { answerText, DAY_COUNTS, sharesAt, USUAL_FORMAT } from "@kestrelmoor/core";
import { lineLatex, workings, writeOut, workbook } from "@kestrelmoor/core/teaching";
import {
  BLANK_DRAFT,
  namedFigures,
  PAYMENTS_FOUND,
  readyVariants,
  workOutSums,
  type Draft,
  type FlowLine,
} from "@kestrelmoor/core/typing";
import fc from "fast-check";
import katex from "katex";
import { companionsOf, copyText } from "./answer/companions";
import { missingWords } from "./answer/missing-words";
import { outcomeOf, type Outcome } from "./document/outcome";
import { rateHint } from "./lines/line-hints";
import { factsFor, flowHint } from "./lines/flow-hint";
import { firstYearOf } from "./timeline/first-year";
import { layOut } from "./timeline/layout";
import { timeHandles } from "./timeline/moves";
import { sketchOf } from "./timeline/sketch";
import { sketchInWords } from "./timeline/timeline-words";
import { usedFigures } from "./used-figures";
import { columnsOf } from "./views/variants/columns";
import { rangeFor } from "./views/what-if/choice";
import { sweepFields } from "./views/what-if/sweep-fields";

const amount = fc.constantFrom(
  "?",
  "",
  "0",
  "4,500",
  "12k",
  "1/3 of 900",
  "-5",
  "1e13",
  "0.001",
  "x",
  "half the payment of (a)",
  "balance after 5 years of part b, rounded",
);

const time = fc.constantFrom(
  "?",
  "",
  "today",
  "3y 4m",
  "18 months",
  "1000",
  "1 day",
  "soon",
  "0.1y 3d",
  "9 months ago",
  "20 Sep 2027",
  "31 Feb 2027",
  "3/4/27",
  "term of (z) - 1 year",
);

const percent = fc.constantFrom(
  "?",
  "",
  "5",
  "-2",
  "0",
  "6 3/8%",
  "1.8% per quarter",
  "4% continuous",
  "-100",
  "900",
  "6% simple",
  "8% bank discount",
  "120% bank discount",
  "d4 = 6%",
  "5% discount",
  "rate of (a) + 1%",
);

const side = fc.constantFrom<"in" | "out">("in", "out");

interface Parts {
  readonly flows: readonly (readonly ["in" | "out", string, string])[];
  readonly rates: readonly (readonly [string, string])[];
  readonly worth: string | null;
  readonly words: string;
  readonly version2?: SecondVersion;
}

/** What the second version of the problem file has beside its lines. */
type SecondVersion = Pick<Draft, "today" | "focal" | "conventions">;

function draftOf({ flows, rates, worth, words, version2 }: Parts): Draft {
  return {
    ...BLANK_DRAFT,
    ...version2,
    title: words,
    question: words,
    rates: rates.map(([figure, from], index) => ({
      kind: "rate",
      id: `rate-${index}`,
      percent: figure,
      quoted: "nominal",
      compounding: "P3M",
      compoundedBy: "words",
      from,
    })),
    flows: flows.map(([direction, money, at], index) => ({
      kind: "single",
      id: `flow-${index}`,
      label: words.slice(0, 9),
      direction,
      amount: money,
      at,
    })),
    ask: worth === null ? null : { kind: "worth", at: worth },
  };
}

const secondVersion: fc.Arbitrary<SecondVersion> = fc.record({
  today: fc.option(fc.constantFrom("", "?", "29 Feb 2028", "2027-06-30", "soon", "1/1/2000")),
  focal: fc.option(time),
  conventions: fc.record({
    dayCount: fc.constantFrom(...DAY_COUNTS),
    fraction: fc.constantFrom("compound" as const, "simple" as const),
    dateOrder: fc.constantFrom("day-first" as const, "month-first" as const),
    rateAsked: fc.constantFrom("nominal" as const, "effective" as const),
    payments: fc.constantFrom(...PAYMENTS_FOUND),
    payback: fc.constantFrom("exact" as const, "whole-years" as const),
  }),
});

/** Anything in any field. */
const anything = fc
  .record({
    flows: fc.array(fc.tuple(side, fc.oneof(amount, fc.string()), fc.oneof(time, fc.string())), {
      maxLength: 5,
    }),
    rates: fc.array(fc.tuple(percent, time), { minLength: 1, maxLength: 3 }),
    worth: fc.option(time),
    words: fc.string(),
    version2: secondVersion,
  })
  .map(draftOf);
/** Fields that can be read, and one unknown among them: most of these have an answer. */
const solvable = fc
  .record({
    flows: fc.array(
      fc.tuple(
        side,
        fc.constantFrom("100", "4,500", "12k", "1/3 of 900", "0.01", "5000000"),
        fc.constantFrom(
          ...["today", "3y 4m", "18 months", "5", "1 day", "0.1y 3d", "40 years"],
          ...["9 months ago", "20 Sep 2027", "2028-02-29"],
        ),
      ),
      { minLength: 1, maxLength: 5 },
    ),
    // Laws of interest are not mixed: that has no answer.
    figures: fc.oneof(
      fc.array(
        fc.constantFrom(
          ...["5", "-2", "6 3/8%", "1.8% per quarter", "4% continuous", "90", "3% effective"],
          "4% effective discount",
        ),
        { minLength: 1, maxLength: 3 },
      ),
      fc.constantFrom<string[]>(["6% simple"], ["6% simple", "4% simple"], ["7% bank discount"]),
    ),
    asked: fc.constantFrom("amount", "time", "rate", "worth"),
    place: fc.nat(),
    version2: secondVersion,
  })
  .map(({ flows, figures, asked, place, version2 }) =>
    draftOf({
      version2: {
        today: "20 Jan 2027",
        focal: place % 3 === 0 ? "1 year" : null,
        conventions: { ...version2.conventions, fraction: "compound" },
      },
      flows: flows.map(([direction, money, at], index) => {
        const isAsked = index === place % flows.length;
        return [
          direction,
          asked === "amount" && isAsked ? "?" : money,
          asked === "time" && isAsked ? "?" : at,
        ];
      }),
      rates: figures.map((figure, index) => [
        asked === "rate" && index === place % figures.length ? "?" : figure,
        `${index * 2} years`,
      ]),
      worth: asked === "worth" ? "7 years" : null,
      words: "",
    }),
  );

const said = fc.constantFrom("30% of loan", "twice pay", "same as x", "half the loan", "2 x pay");
const period = fc.constantFrom("month", "year", "2 weeks", "day", "quarterly", "", "?", "moon");
const count = fc.constantFrom(
  "?",
  "",
  "12 payments",
  "3y 4m",
  "ever",
  "20",
  "0.5 payments",
  "90 years",
);

const waiting = fc.constantFrom("when pay ends", "the end", "when nobody ends", "today", "?", "3y");
const listed = fc.constantFrom(
  "",
  "?",
  "out 5; 3 x 4; ?",
  "1\t2\n-3",
  "x",
  "out 30% of loan",
  "0; 0",
);

const dates = fc.constantFrom(
  "",
  "2027-03-01 out 5; 2028-01-01 ?",
  "2027-02-30 1",
  "soon 5",
  "2027-03-01 7",
);

const money = fc.oneof(amount, said, fc.string());
const when = fc.oneof(time, waiting);
const growth = fc.option(
  fc.record({
    by: fc.constantFrom<"percent" | "amount">("percent", "amount"),
    figure: fc.oneof(percent, amount),
    every: period,
  }),
);

/** Lines of every kind, which may say each other, with anything in any field. */
const everyKind = fc
  .record({
    loan: fc.tuple(side, money, when),
    pay: fc.tuple(side, money, period, count, when, growth),
    list: fc.tuple(period, when, fc.oneof(listed, fc.string())),
    dated: fc.oneof(dates, fc.string()),
    kinds: fc.subarray(["loan", "pay", "list", "dated"] as const, { minLength: 1 }),
    rates: fc.array(
      fc.tuple(fc.oneof(percent, fc.constantFrom("1 more than before", "same as rate 1")), when),
      { minLength: 1, maxLength: 3 },
    ),
    worth: fc.option(when),
  })
  .map(({ loan, pay, list, dated, kinds, rates, worth }): Draft => {
    const lines: Record<(typeof kinds)[number], FlowLine> = {
      loan: {
        kind: "single",
        id: "loan",
        label: "Loan",
        direction: loan[0],
        amount: loan[1],
        at: loan[2],
      },
      pay: {
        kind: "stream",
        id: "pay",
        label: "",
        direction: pay[0],
        amount: pay[1],
        every: pay[2],
        count: pay[3],
        timing: "end",
        begins: pay[4],
        growth: pay[5],
      },
      list: {
        kind: "list",
        id: "list",
        label: "",
        every: list[0],
        begins: list[1],
        amounts: list[2],
      },
      dated: { kind: "dated", id: "dated", label: "", entries: dated },
    };
    const base = draftOf({ flows: [], rates, worth, words: "" });
    return { ...base, flows: kinds.map((kind) => lines[kind]) };
  });

/** Payments, lists and an amount that can be read, with one unknown among them. */
const solvablePayments = fc
  .record({
    every: fc.constantFrom("month", "year", "fortnight"),
    count: fc.constantFrom("12 payments", "3y 4m", "30 years", "ever"),
    begins: fc.constantFrom("today", "2 years"),
    growth: fc.constantFrom(null, { by: "percent", figure: "2%", every: "year" } as const),
    last: fc.constantFrom("30% of loan", "5", "0"),
    asked: fc.constantFrom("loan", "pay", "count", "rate", "growth"),
  })
  .map((facts): Draft => {
    const { asked } = facts;
    const base = draftOf({
      flows: [],
      rates: [[asked === "rate" ? "?" : "6% compounded monthly", ""]],
      worth: null,
      words: "",
    });
    const growth =
      asked === "growth" ? { by: "percent" as const, figure: "?", every: "year" } : facts.growth;
    return {
      ...base,
      flows: [
        {
          kind: "single",
          id: "loan",
          label: "Loan",
          direction: "in",
          amount: asked === "loan" ? "?" : "10,000",
          at: "today",
        },
        {
          kind: "stream",
          id: "pay",
          label: "",
          direction: "out",
          amount: asked === "pay" ? "?" : "300",
          every: facts.every,
          count: asked === "count" ? "?" : facts.count,
          timing: "end",
          begins: facts.begins,
          growth,
        },
        {
          kind: "single",
          id: "last",
          label: "",
          direction: "out",
          amount: facts.last,
          at: facts.count === "ever" && asked !== "count" ? "9 years" : "when pay ends",
        },
      ],
    };
  });

const drafts = fc.oneof(anything, solvable, everyKind, solvablePayments);

test("most payments that are meant to have an answer have one", () => {
  const solved = fc
    .sample(solvablePayments, 300)
    .filter((draft) => outcomeOf(draft).result?.ok === true);
  expect(solved.length).toBeGreaterThan(120);
});

test("most of what is meant to have an answer has one", () => {
  const solved = fc.sample(solvable, 300).filter((draft) => outcomeOf(draft).result?.ok === true);
  expect(solved.length).toBeGreaterThan(150);
});

/** Every ready-made variant at once. */
function variantsOf(draft: Draft, { reading }: Outcome): Draft["variants"] {
  return readyVariants(draft, reading)
    .flatMap(({ variants }) => variants)
    .map((variant, index) => ({ id: `variant-${index}`, ...variant }));
}

test("whatever is typed, everything on the page can be worked out and has words", () => {
  fc.assert(
    fc.property(drafts, (draft) => {
      const outcome = outcomeOf(draft);
      const sketch = sketchOf(draft, outcome, USUAL_FORMAT);
      const layout = layOut(sketch, { width: 900, height: 250, isSmall: false }, USUAL_FORMAT);
      const places = layout.posts.flatMap(({ x, y, height, post }) => [
        x,
        y,
        height,
        post.today ?? 0,
      ]);
      const words = [
        ...sketchInWords(sketch, USUAL_FORMAT).map(({ text }) => text),
        ...sketch.ribbons.map(({ text }) => text),
        missingWords(outcome.reading.issues, USUAL_FORMAT),
        ...layout.bands.flatMap(({ outline, caption }) => [outline, caption?.text ?? ""]),
        ...layout.marks.map(({ text }) => text),
      ];
      draft.flows.forEach((line, index) => {
        const reading = outcome.reading.flows[index];
        if (reading === undefined) return;
        const facts = factsFor(outcome.solved, line, index);
        const { rates, calendar } = outcome.reading;
        const { dayCount } = draft.conventions;
        const beside = { facts, rates, calendar, dayCount, format: USUAL_FORMAT };
        const typed = "amount" in line ? line.amount : "";
        words.push(flowHint(line, reading, beside).replaceAll(typed || "\0", ""));
      });
      places.push(
        ...timeHandles(draft, outcome.reading, sketch.strands).map(({ years }) => years),
        ...firstYearOf(sketch).posts.map(({ years }) => years ?? 0),
      );
      const varied = { ...draft, variants: variantsOf(draft, outcome) };
      for (const column of columnsOf(varied, outcome, USUAL_FORMAT)) {
        words.push(column.answer ?? column.complaint ?? "", column.difference ?? "");
        words.push(column.percent ?? "", column.interest ?? "", ...column.further.map(String));
      }
      for (const reading of outcome.reading.rates)
        words.push(rateHint(reading, null, USUAL_FORMAT) ?? "");
      const { problem, result } = outcome;
      if (problem !== null && result?.ok === true) {
        const solution = result.value;
        words.push(answerText(solution), ...solution.answers.map((answer) => copyText(answer)));
        words.push(...companionsOf(problem, solution).map(({ figure }) => figure));
        const named = namedFigures(solution);
        for (const sum of workOutSums([{ id: "s", text: "answer * 2" }], named)) {
          words.push(JSON.stringify(sum));
        }
        for (const field of sweepFields(draft, problem)) words.push(rangeFor(field).to);
        const { flows, together } = sharesAt(solution.settled, 2.5);
        places.push(...flows.map(({ worth }) => worth ?? 0), together ?? 0);
        const written = workings(solution);
        words.push(writeOut(written.steps, "plain"), writeOut(written.steps, "markdown"));
        const book = workbook(solution, { title: "", lines: [] });
        for (const cell of book.sheets.flatMap(({ rows }) => rows.flat())) {
          if (cell?.kind === "formula") words.push(cell.formula);
        }
        for (const line of written.steps.flatMap(({ lines }) => lines)) {
          for (const notation of ["fractions", "factors"] as const) {
            // A formula that cannot be set throws here.
            katex.renderToString(lineLatex(line, { notation }), { throwOnError: true });
          }
        }
      }
      expect(places.every(Number.isFinite)).toBe(true);
      // The person's own words may say anything; ours never say these.
      const ours = words.join("\n").replaceAll(draft.title.slice(0, 9) || "\0", "");
      expect(ours).not.toMatch(/NaN|undefined|\[object|Infinity/);
      expect(() => usedFigures([outcome.reading])).not.toThrow();
    }),
    { numRuns: 400 },
  );
});
