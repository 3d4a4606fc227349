import { describe, expect, test } from "@jest/globals";
import { expectToHold } from "../../../test/reckoner";
import { effective, list, single, solved, stream } from "../../../test/problems";
import {
  FORMULA_NAMES,
  FORMULA_WORDS,
  type FormulaName,
} from "../../wording/teaching/formula-words";
import { linePlain } from "../workings/write-line";
import { formulaCards } from "./formula-card";
import { FORMULAS } from "./formulas";

const [i, g, n] = [0.05, 0.02, 10];
const v = 1 / (1 + i);

/** Payments valued one by one, the first after `from` periods. */
function valued(payment: (k: number) => number, from = 1, count = n): number {
  let value = 0;
  for (let k = 0; k < count; k += 1) value += payment(k) * v ** (k + from);
  return value;
}

const PMT = 300;
const LONG = 8000;

/** Figures of each formula that go together, found without it. */
const FIGURES: Readonly<Record<Exclude<FormulaName, "uneven">, Readonly<Record<string, number>>>> =
  {
    "compound-amount": { PV: 1000, FV: 1000 * 1.05 ** 10, i, n },
    "continuous-amount": { PV: 1000, FV: 1000 * Math.exp(0.4), δ: 0.05, t: 8 },
    "simple-interest": { PV: 1000, FV: 1150, r: 0.05, t: 3 },
    "bank-discount": { PV: 850, FV: 1000, d: 0.05, t: 3 },
    "present-of-annuity": { PMT, PV: valued(() => PMT), i, n },
    "present-of-annuity-due": { PMT, PV: valued(() => PMT, 0), i, n },
    "future-of-annuity": { PMT, FV: valued(() => PMT) * 1.05 ** n, i, n },
    "future-of-annuity-due": { PMT, FV: valued(() => PMT, 0) * 1.05 ** n, i, n },
    "present-of-growing": { PMT, PV: valued((k) => PMT * 1.02 ** k), i, g, n },
    "present-of-growing-due": { PMT, PV: valued((k) => PMT * 1.02 ** k, 0), i, g, n },
    "future-of-growing": { PMT, FV: valued((k) => PMT * 1.02 ** k) * 1.05 ** n, i, g, n },
    "present-of-increasing": { PMT, G: 25, PV: valued((k) => PMT + 25 * k), i, n },
    perpetuity: { PMT, PV: valued(() => PMT, 1, LONG), i },
    "perpetuity-due": { PMT, PV: valued(() => PMT, 0, LONG), i },
    "growing-perpetuity": { PMT, PV: valued((k) => PMT * 1.02 ** k, 1, LONG), i, g },
    "equivalent-rate": { i: 0.03, m: 2, p: 12, ip: 1.03 ** (2 / 12) - 1 },
  };

describe.each(Object.entries(FIGURES))("%s", (name, figures) => {
  const forms = FORMULAS[name as FormulaName].flatMap(({ letter, equals }) =>
    equals === null
      ? []
      : [
          linePlain({
            parts: [
              { expression: letter, manner: "symbols" },
              { expression: equals, manner: "symbols" },
            ],
          }),
        ],
  );
  test.each(forms)("%s", (form) => {
    const numbers = form.replace(/PMT|PV|FV|ip|δ|(?<![a-z])[a-df-zG](?![a-z(])/g, (letter) =>
      (figures[letter] ?? NaN).toPrecision(12).replace(/\.?0+$/, ""),
    );
    expect(expectToHold(numbers)).toBe(2);
  });
});

const end = { count: 5 };
const start = { count: 5, timing: "start" };
const rates = [effective(5)];

describe("a problem has the cards of what it uses", () => {
  test.each<[string, object, readonly FormulaName[]]>([
    [
      "an amount",
      { rates, flows: [single("a", "out", 100, "P0D"), single("b", "in", null, "P2Y")] },
      ["compound-amount"],
    ],
    [
      "a loan",
      { rates, flows: [single("a", "in", 100, "P0D"), stream("b", "out", null, end)] },
      ["present-of-annuity"],
    ],
    [
      "a loan paid more often than interest is compounded",
      {
        rates: [{ percent: 6, quoted: "nominal", compounding: "P6M" }],
        flows: [
          single("a", "in", 100, "P0D"),
          stream("b", "out", null, { every: "P1M", count: 12 }),
        ],
      },
      ["present-of-annuity", "equivalent-rate"],
    ],
    [
      "savings at the start of each year",
      { rates, flows: [stream("b", "out", null, start), single("a", "in", 100, "P5Y")] },
      ["future-of-annuity-due"],
    ],
    [
      "saving and spending",
      {
        rates,
        flows: [stream("b", "out", null, end), stream("c", "in", 100, { ...end, begins: "P5Y" })],
      },
      ["future-of-annuity", "present-of-annuity"],
    ],
    [
      "a growing perpetuity",
      {
        rates,
        flows: [
          single("a", "out", null, "P0D"),
          stream("b", "in", 100, { count: "forever", growth: { percent: 2, every: "P1Y" } }),
        ],
      },
      ["growing-perpetuity"],
    ],
    [
      "a project",
      { rates, flows: [list("a", [-100, 60, 60])], ask: { find: "value", at: "P0D" } },
      ["uneven"],
    ],
  ])("%s", (_, file, wanted) => {
    const cards = formulaCards(solved(file));
    expect(cards.map(({ formula }) => formula)).toEqual(wanted);
    expect(cards.map(({ name }) => name)).toEqual(wanted.map((one) => FORMULA_WORDS[one].name));
  });

  test("each letter has its words, and its number where it is given", () => {
    const [card] = formulaCards(
      solved({ rates, flows: [single("a", "in", 100, "P0D"), stream("b", "out", null, end)] }),
    );
    const notes = card?.steps[1]?.lines.map((line) => [linePlain(line), line.note]);
    expect(notes).toEqual([
      ["PV", "present value"],
      ["PMT", "payment (the yearly payments you pay): to find"],
      ["i", "rate per period: 0.05"],
      ["n", "number of periods: 5"],
    ]);
  });
});

test("every formula has its words", () => {
  expect(Object.keys(FORMULAS).sort()).toEqual([...FORMULA_NAMES].sort());
  for (const { name, holds, not } of Object.values(FORMULA_WORDS)) {
    expect(name).toMatch(/^[A-Z]/);
    expect(holds).toMatch(/^[A-Z].*\.$/);
    expect(not).toMatch(/^It does not apply .*\.$/);
  }
});
