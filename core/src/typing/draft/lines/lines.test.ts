import { flowField, rateField } from "../../../engine/fields/field-ref";
import { describe, expect, test } from "@jest/globals";
import { BLANK_DRAFT, type Draft, type FlowLine, type StreamLine } from "../draft";
import { copyFlow, moveFlow, setGrowth } from "../edit-lines";
import { moveUnknown } from "../move-unknown";
import { labelsIn } from "../../input/read-amounts";
import { marksUnknown, withUnknown } from "../../input/entry-label";
import { readDraft } from "../read-draft";
import { writeDraft } from "../write-draft";
import { solve } from "../../../engine/solve/solve";

const stream = (parts: Partial<StreamLine> = {}): StreamLine => ({
  kind: "stream",
  id: "payments-2",
  label: "Repayments",
  direction: "out",
  amount: "100",
  every: "month",
  count: "40 payments",
  timing: "end",
  begins: "today",
  growth: null,
  ...parts,
});

const amount = (text: string, at = "today", label = "Loan", id = "amount-1"): FlowLine => ({
  kind: "single",
  id,
  label,
  direction: "in",
  amount: text,
  at,
});

const draftOf = (flows: FlowLine[], percents: string[] = ["6%"]): Draft => ({
  ...BLANK_DRAFT,
  rates: percents.map((percent, index) => ({
    kind: "rate",
    id: `rate-${index + 1}`,
    percent,
    quoted: "effective",
    compounding: "P1Y",
    compoundedBy: "words",
    from: index === 0 ? "" : `${index} years`,
  })),
  flows,
  ask: null,
});

const flowsOf = (flows: FlowLine[]) => {
  const { problem, issues } = readDraft(draftOf(flows));
  expect(issues).toEqual([]);
  return problem?.flows ?? [];
};

const codesOf = (flows: FlowLine[], percents?: string[]) =>
  readDraft(draftOf(flows, percents)).issues.map(
    ({ code, path }) => `${code} at ${path.join(".")}`,
  );

describe("how long payments go on", () => {
  test.each<[string, string, number | "forever" | null]>([
    ["40 payments", "month", 40],
    ["3y 4m", "month", 40],
    ["for 3 years 4 months", "month", 40],
    ["2 years", "fortnight", 52],
    ["1 year", "4 weeks", 13],
    ["30 months", "quarter", 10],
    ["20", "year", 20],
    ["12*5 payments", "month", 60],
    ["25 deposits", "week", 25],
    ["1 instalment", "week", 1],
    ["2.5 years", "year", 2.5],
    ["ever", "quarter", "forever"],
    ["for ever", "quarter", "forever"],
    ["in perpetuity", "quarter", "forever"],
    ["?", "quarter", null],
  ])("%s, every %s", (count, every, expected) => {
    expect(flowsOf([stream({ count, every, amount: "1" })])[0]).toMatchObject({ count: expected });
  });

  test.each([
    ["20", "month", "count-unclear"],
    ["1,200", "week", "count-unclear"],
    ["", "month", "count-missing"],
    ["a while", "month", "count-not-understood"],
    ["0 payments", "month", "count-not-understood"],
    ["-3 payments", "month", "count-not-understood"],
    ["2 million payments", "month", "count-too-large"],
  ])("%j, every %s: %s", (count, every, code) => {
    expect(codesOf([stream({ count, every })])).toEqual([`${code} at flows.0.count`]);
  });

  test.each([
    ["month", "P1M"],
    ["monthly", "P1M"],
    ["Quarter", "P3M"],
    ["2 weeks", "P2W"],
    ["biweekly", "P2W"],
    ["half-year", "P6M"],
    ["18 months", "P18M"],
    ["10 days", "P10D"],
  ])("every %s", (every, expected) => {
    expect(flowsOf([stream({ every })])[0]).toMatchObject({ every: expected });
  });

  test.each([
    ["", "period-missing"],
    ["3", "period-not-understood"],
    ["blue moon", "period-not-understood"],
    ["0 days", "period-not-understood"],
    ["?", "unknown-frequency"],
  ])("every %j is no period: %s", (every, code) => {
    expect(codesOf([stream({ every })])).toContain(`${code} at flows.0.every`);
  });
});

describe("one thing said by another", () => {
  const loan = amount("1000");
  test.each<[string, unknown]>([
    ["30% of the loan", { times: 0.3, of: "amount-1" }],
    ["twice Loan", { times: 2, of: "amount-1" }],
    ["same as loan", { times: 1, of: "amount-1" }],
    ["half the loan", { times: 0.5, of: "amount-1" }],
    ["a quarter of loans", { times: 0.25, of: "amount-1" }],
    ["1.5 x loan", { times: 1.5, of: "amount-1" }],
    ["1/8 of our loan", { times: 0.125, of: "amount-1" }],
    ["three times amount 1", { times: 3, of: "amount-1" }],
    ["30% of 900", 270],
    ["15 x 12", 180],
  ])("an amount: %s", (text, expected) => {
    expect(flowsOf([loan, stream({ amount: text })])[1]).toMatchObject({ amount: expected });
  });

  test.each<[string, unknown]>([
    ["when repayments end", { endOf: "payments-2" }],
    ["when the repayments are over", { endOf: "payments-2" }],
    ["end of the repayments", { endOf: "payments-2" }],
    ["after the last repayment", { endOf: "payments-2" }],
    ["after the last payment", { endOf: "payments-2" }],
    ["the end", { endOf: "payments-2" }],
    ["at the end of 6 years", "P6Y"],
    ["6 years", "P6Y"],
  ])("a time: %s", (at, expected) => {
    expect(flowsOf([stream(), amount("5", at)])[1]).toMatchObject({ at: expected });
  });

  test.each<[string, object]>([
    ["0.75 more than before", { plus: 0.75, of: 1 }],
    ["2 points less than the rate before", { plus: -2, of: 1 }],
    ["1% above the first rate", { plus: 1, of: 0 }],
    ["half a point more than before", {}],
    ["same as rate 1", { plus: 0, of: 0 }],
  ])("a rate: %s", (text, expected) => {
    const { problem, issues } = readDraft(draftOf([amount("5"), stream()], ["5", "6", text]));
    if (Object.keys(expected).length === 0) {
      expect(issues).toMatchObject([{ code: "percent-not-understood" }]);
    } else {
      expect(problem?.rates[2]?.percent).toEqual(expected);
    }
  });

  test("what no line is called is said with its name", () => {
    expect(readDraft(draftOf([stream({ amount: "30% of the price" })])).issues).toMatchObject([
      { code: "name-not-found", name: "the price" },
    ]);
    expect(codesOf([stream(), amount("5", "when saving ends")])).toEqual([
      "name-not-found at flows.1.at",
    ]);
    expect(codesOf([stream(), amount("5")], ["1 more than before"])).toEqual([
      "rate-before-missing at rates.0.percent",
    ]);
  });

  test("two that say each other are told as a circle", () => {
    expect(
      codesOf([amount("twice repayments"), stream({ amount: "half of the loan" })]),
    ).toContainEqual(expect.stringMatching(/^reference-cycle/));
  });
});

describe("amounts in a list", () => {
  const list = (amounts: string): FlowLine => ({
    kind: "list",
    id: "amounts-1",
    label: "",
    every: "year",
    begins: "today",
    amounts,
  });
  test.each<[string, unknown[]]>([
    ["out 1,000; 300; in 400", [-1000, 300, 400]],
    ["-1,000, 1,200 x 3, 5", [-1000, 1200, 1200, 1200, 5]],
    ["−1000\n300\n\n400\n", [-1000, 300, 400]],
    ["(1,000.50)\t$300\t15*12", [-1000.5, 300, 180]],
    ["out 5 x 2; ? ; 0", [-5, -5, null, 0]],
    ["?", [null]],
  ])("%j", (text, amounts) => {
    expect(flowsOf([list(text)])[0]).toMatchObject({ amounts });
  });

  test.each([
    ["", "amounts-missing"],
    [" ; \n", "amounts-missing"],
    ["Year\tCash flow\n0\t-1000", "entry-not-understood"],
    ["5; out ?; 6", "entry-not-understood"],
    ["1 x 9999", "too-many"],
  ])("%j: %s", (text, code) => {
    expect(codesOf([list(text)])).toEqual([`${code} at flows.0.amounts`]);
  });

  test("what each is for stands in quotation marks, is kept in the file, and written back", () => {
    const text = 'out 5,000 "wax press"; 1,200 x 2 "honey; sold"; 450';
    const typed = 'out 5,000 "wax press"; 1,200 x 2 "honey sold"; 450';
    expect(labelsIn(text)).toEqual(["wax press", "honey; sold", "honey; sold", ""]);
    const { problem } = readDraft(draftOf([list(typed)]));
    expect(problem?.flows[0]).toMatchObject({
      labels: ["wax press", "honey sold", "honey sold", ""],
    });
    if (problem === null) throw new Error("It can be read");
    expect(writeDraft(problem).flows[0]).toMatchObject({ amounts: typed });
  });

  test("a question mark in a label is no unknown", () => {
    expect(marksUnknown('out 5 "why?"; 7')).toBe(false);
    expect(marksUnknown('out 5 "why?"; ?')).toBe(true);
    expect(withUnknown('out 5 "why?"; ? "who?"', "8")).toBe('out 5 "why?"; 8 "who?"');
  });

  test("with dates", () => {
    const dated = (entries: string): FlowLine => ({ kind: "dated", id: "d", label: "", entries });
    expect(flowsOf([dated("2027-03-01 out 1,000; 2027-09-15: ?\n2028-01-01 400")])[0]).toEqual({
      kind: "dated",
      id: "d",
      entries: [
        { on: "2027-03-01", amount: -1000 },
        { on: "2027-09-15", amount: null },
        { on: "2028-01-01", amount: 400 },
      ],
    });
    expect(codesOf([dated("2027-02-30 5")])).toEqual(["date-impossible at flows.0.entries"]);
    expect(codesOf([dated("next week 5")])).toEqual(["dated-not-understood at flows.0.entries"]);
  });
});

describe("payments that grow", () => {
  const growth = (figure: string, by: "percent" | "amount" = "percent") =>
    stream({ growth: { by, figure, every: "year" } });
  test.each<[StreamLine, object]>([
    [growth("3"), { percent: 3, every: "P1Y" }],
    [growth("-1 1/2 %"), { percent: -1.5, every: "P1Y" }],
    [growth("25", "amount"), { amount: 25, every: "P1Y" }],
    [growth("-$25", "amount"), { amount: -25, every: "P1Y" }],
    [growth("3%", "amount"), { percent: 3, every: "P1Y" }],
    [growth("?", "amount"), { amount: null, every: "P1Y" }],
  ])("%j", (line, expected) => {
    expect(flowsOf([line])[0]).toMatchObject({ growth: expected });
  });
});

describe("the unknown goes from field to field of every kind of line, and comes back to the digit", () => {
  const whole = () =>
    draftOf([
      amount("1000"),
      stream({ amount: "?", count: "3 payments", every: "year" }),
      {
        kind: "list",
        id: "extra",
        label: "",
        every: "year",
        begins: "1 year",
        amounts: "out 10; 20",
      },
    ]);
  test.each([
    [flowField(1, "count"), "payments", 3],
    [flowField(1, "begins"), "years", 0],
    [rateField(0, "percent"), "percent", 6],
    [flowField(0, "amount"), "money", 1000],
  ])("%j", (field, unit, value) => {
    const draft = whole();
    const answerOf = () => {
      const { problem, issues } = readDraft(draft);
      if (problem === null) throw new Error(JSON.stringify(issues));
      const solution = solve(problem);
      if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
      return solution.value.answers[0];
    };
    const payment = answerOf();
    moveUnknown(draft, field, [payment]);
    expect(answerOf()).toMatchObject({ unit, value: expect.closeTo(value, 9) });
    moveUnknown(draft, flowField(1, "amount"), [answerOf()]);
    expect(answerOf().value).toBeCloseTo(payment.value, 9);
  });

  test("the unknown of a list is put where its mark stood, with its direction", () => {
    const draft = draftOf([
      { kind: "list", id: "l", label: "", every: "year", begins: "today", amounts: "5 x 2; ?; 7" },
      amount("1"),
    ]);
    moveUnknown(draft, flowField(1, "amount"), [{ value: 12.5, unit: "money", direction: "out" }]);
    expect(draft.flows[0]).toMatchObject({ amounts: "5 x 2; out 12.5; 7" });
  });
});

describe("changing lines", () => {
  test("a copy stands after its line, with an id of its own and without the unknown", () => {
    const draft = draftOf([stream({ amount: "?" }), amount("5")]);
    const copy = copyFlow(draft, "payments-2");
    expect(copy).toMatchObject({ kind: "stream", amount: "", label: "Repayments" });
    expect(draft.flows.map(({ id }) => id)).toEqual(["payments-2", copy?.id, "amount-1"]);
    expect(new Set(draft.flows.map(({ id }) => id)).size).toBe(3);
  });

  test("lines move up and down, and no further than the ends", () => {
    const draft = draftOf([stream(), amount("5")]);
    moveFlow(draft, "amount-1", 1);
    expect(draft.flows.map(({ id }) => id)).toEqual(["payments-2", "amount-1"]);
    moveFlow(draft, "amount-1", -1);
    expect(draft.flows.map(({ id }) => id)).toEqual(["amount-1", "payments-2"]);
  });

  test("payments begin to grow, and are level again", () => {
    const draft = draftOf([stream()]);
    setGrowth(draft, "payments-2", true);
    expect(draft.flows[0]).toMatchObject({ growth: { by: "percent", figure: "", every: "year" } });
    expect(codesOf(draft.flows)).toEqual(["percent-missing at flows.0.growth.percent"]);
    setGrowth(draft, "payments-2", false);
    expect(draft.flows[0]).toMatchObject({ growth: null });
  });
});
