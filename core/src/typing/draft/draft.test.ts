import { flowField, rateField } from "../../engine/fields/field-ref";
import { describe, expect, test } from "@jest/globals";
import secondVersion from "../../../reference/simple-and-dates.json";
import firstVersion from "../../../reference/problems.json";
import { readProblem } from "../../engine/problem/problem-file";
import { solve } from "../../engine/solve/solve";
import { BLANK_DRAFT, type Draft } from "./draft";
import { parseDraft } from "./draft-document";
import {
  addAmount,
  addRateChange,
  askForWorth,
  confirmDirection,
  removeFlow,
  removeRate,
} from "./edit-lines";
import { turnRound } from "./turn-line";
import { moveUnknown } from "./move-unknown";
import { readDraft } from "./read-draft";
import { SHAPES } from "./shapes";
import { writeDraft } from "./write-draft";

const cases: readonly { readonly problem: unknown }[] = [
  ...firstVersion,
  ...secondVersion.flatMap(({ problem }) => (problem === undefined ? [] : { problem })),
];

function draftOf(amount: string, back: string, percent: string, at: string): Draft {
  return {
    ...BLANK_DRAFT,
    rates: [
      {
        kind: "rate",
        id: "rate-1",
        percent,
        quoted: "nominal",
        compounding: "P1M",
        compoundedBy: "words",
        from: "",
      },
    ],
    flows: [
      { kind: "single", id: "put-in", label: "", direction: "out", amount, at: "today" },
      { kind: "single", id: "back", label: "", direction: "in", amount: back, at },
    ],
    ask: null,
  };
}

function answersOf(draft: Draft) {
  const { problem } = readDraft(draft);
  if (problem === null) throw new Error("The draft is not a problem");
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return solution.value.answers;
}

const structuredCopy = (draft: Draft) => JSON.parse(JSON.stringify(draft)) as Draft;

describe("files and fields", () => {
  test("every problem of the reference survives being put into fields and read back", () => {
    for (const { problem } of cases) {
      const read = readProblem(problem);
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      const draft = writeDraft(read.value);
      expect(parseDraft(JSON.parse(JSON.stringify(draft)))).toEqual({ ok: true, value: draft });
      // The usual day count needs no words.
      const { dayCount, ...rest } = read.value;
      const wanted = dayCount === "actual/365" ? rest : read.value;
      expect(readDraft(draft).problem).toEqual(wanted);
    }
  });

  test("every kind of flow in the reference has a line: nothing needs to be kept as it is", () => {
    for (const { problem } of cases) {
      const read = readProblem(problem);
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      expect(writeDraft(read.value).flows.filter(({ kind }) => kind === "kept")).toEqual([]);
    }
  });

  test.each(["P0D", "P0M", "P0Y", "P0W"])("%s is today on its line", (at) => {
    const read = readProblem({
      format: "kestrelmoor-problem",
      version: 1,
      rates: [{ percent: 5, quoted: "effective" }],
      flows: [{ id: "gift", kind: "single", direction: "in", amount: 5, at }],
    });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(writeDraft(read.value).flows).toMatchObject([{ kind: "single", at: "today" }]);
  });

  test.each([
    ["P0.2777777777777778Y", "100 days"],
    ["-P1.5M", "1.5 months ago"],
    ["P3M", "3 months"],
    ["P90D", "P90D"],
  ])("where a year has 360 days, %s is typed as %s, and is read the same", (at, typed) => {
    const read = readProblem({
      format: "kestrelmoor-problem",
      version: 2,
      dayCount: "actual/360",
      rates: [{ percent: 8, quoted: "bank-discount" }],
      flows: [
        { id: "bill", kind: "single", direction: "in", amount: 5000, at },
        { id: "proceeds", kind: "single", direction: "out", amount: null, at: "P0D" },
      ],
    });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const draft = writeDraft(read.value);
    expect(draft.flows).toMatchObject([{ at: typed }, { at: "today" }]);
    expect(readDraft(draft).problem).toEqual(read.value);
  });

  test("a file with dates, a focal date and conventions is typed and read the same", () => {
    const read = readProblem({
      format: "kestrelmoor-problem",
      version: 2,
      today: "2027-09-20",
      dayCount: "30/360",
      fraction: "simple",
      paymentRounding: "up",
      focal: "2027-12-31",
      rates: [{ percent: 5, quoted: "effective" }],
      flows: [
        { id: "lent", kind: "single", direction: "out", amount: 5, at: "-P9M" },
        { id: "back", kind: "single", direction: "in", amount: null, at: "2028-02-29" },
      ],
      also: [{ find: "interest", from: "-P3M", to: "2027-12-31" }],
    });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const draft = writeDraft(read.value);
    expect(draft).toMatchObject({ today: "20 September 2027", focal: "31 December 2027" });
    expect(draft.flows).toMatchObject([{ at: "9 months ago" }, { at: "29 February 2028" }]);
    expect(parseDraft(draft)).toEqual({ ok: true, value: draft });
    expect(readDraft(draft).problem).toEqual(read.value);
  });

  test("a date of today or a focal date that cannot be read is told in its place", () => {
    const draft = { ...draftOf("12k", "?", "6%", "3y"), today: "soon", focal: "31 Feb 2027" };
    expect(readDraft(draft)).toMatchObject({
      problem: null,
      issues: [
        { code: "date-not-understood", path: ["today"] },
        { code: "date-impossible", path: ["focal"] },
      ],
    });
    expect(readDraft({ ...draft, today: "?", focal: "?" }).issues).toMatchObject([
      { code: "unknown-not-here", path: ["today"] },
      { code: "unknown-not-here", path: ["focal"] },
    ]);
  });

  test("a draft of version 7 has no dates, and the usual conventions", () => {
    const { today, focal, conventions, ...old } = draftOf("12k", "?", "6%", "3y");
    expect(parseDraft({ ...old, version: 7 })).toMatchObject({
      ok: true,
      value: { version: 9, today, focal, conventions },
    });
  });

  test("a rate to find is quoted as the course asks for it, unless it is said", () => {
    const draft = draftOf("100", "144", "?", "2 years");
    const asked = (percent: string, rateAsked: "nominal" | "effective") => {
      const own = structuredCopy(draft);
      const [line] = own.rates;
      if (line?.kind === "rate") {
        Object.assign(line, { percent, quoted: "nominal", compoundedBy: "payments" });
      }
      own.conventions.rateAsked = rateAsked;
      return readDraft(own).problem?.rates[0]?.quoted;
    };
    expect(asked("?", "nominal")).toBe("nominal");
    expect(asked("?", "effective")).toBe("effective");
    expect(asked("? compounded monthly", "effective")).toBe("nominal");
    const { rateAsked, ...before } = draft.conventions;
    const older = parseDraft({ ...draft, conventions: before });
    expect(older).toMatchObject({ value: { conventions: { rateAsked } } });
  });

  test("a draft of version 8 is a question with one part", () => {
    const { part, later, ...old } = draftOf("12k", "?", "6%", "3y");
    const read = parseDraft({ ...old, version: 8 });
    expect(read).toMatchObject({ ok: true, value: { version: 9, part, later } });
    expect(later).toEqual([]);
  });

  test("a figure too long for any field is kept as the file has it", () => {
    const flow = {
      id: "dust",
      kind: "single",
      direction: "in",
      amount: 1e-300,
      at: "P0D",
    } as const;
    const read = readProblem({
      format: "kestrelmoor-problem",
      version: 1,
      rates: [{ percent: 5, quoted: "effective" }],
      flows: [flow],
    });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const draft = writeDraft(read.value);
    expect(draft.flows).toEqual([{ kind: "kept", id: "dust", flow }]);
    expect(parseDraft(draft)).toEqual({ ok: true, value: draft });
    expect(readDraft(draft).problem).toEqual(read.value);
  });

  test("what a draft of version 1 kept for lack of a line is on one when it is opened", () => {
    const flow = {
      id: "rent",
      kind: "stream",
      direction: "in",
      amount: { times: 0.3, of: "put-in" },
      every: "P1M",
      count: 40,
      timing: "start",
      begins: "P0D",
    };
    const old = draftOf("1", "2", "?", "3y");
    const parsed = parseDraft({
      ...old,
      version: 1,
      flows: [...old.flows, { kind: "kept", id: "rent", flow }],
    });
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
    expect(parsed.value.version).toBe(9);
    expect(parsed.value.flows.at(-1)).toMatchObject({
      kind: "stream",
      amount: "30% of put in",
      every: "month",
      count: "40 payments",
    });
    expect(readDraft(parsed.value).problem?.flows.at(-1)).toEqual(flow);
  });

  test("a draft of version 2 has its follow-up questions typed when it is opened", () => {
    const also = [
      { find: "balance", at: "P2Y" },
      { find: "interest", from: "P2Y", to: "P3Y" },
      { find: "principal", from: "P6M", to: "P1Y3M" },
      { find: "value", at: "P0D" },
      { find: "total", of: "put-in" },
    ];
    const { format, title, question, rates, flows, ask } = draftOf("1", "2", "?", "3y");
    const old = { format, version: 2, title, question, rates, flows, ask };
    expect(parseDraft(old)).toMatchObject({ ok: true, value: { also: [], variants: [] } });
    const parsed = parseDraft({ ...old, also });
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
    expect(parsed.value.also).toEqual([
      { kind: "balance", id: "also-1", at: "2 years" },
      { kind: "interest", id: "also-2", over: "year 3" },
      { kind: "principal", id: "also-3", over: "from 6 months to 1 year 3 months" },
      { kind: "value", id: "also-4", at: "today" },
      { kind: "total", id: "also-5", of: "put-in" },
    ]);
    expect(readDraft(parsed.value).problem?.also).toEqual(also);
  });

  test("a draft of version 3 has a plain schedule and no offers", () => {
    const { schedule, comparison, appraisal, ...rest } = draftOf("1", "2", "?", "3y");
    expect(schedule).toEqual({ rounding: "none", firstDate: "", changes: [], actual: null });
    expect(comparison).toEqual({ heldFor: "", offers: [] });
    expect(appraisal.others).toEqual([]);
    expect(parseDraft({ ...rest, version: 3 })).toEqual({
      ok: true,
      value: draftOf("1", "2", "?", "3y"),
    });
  });

  test("a draft of version 4 is judged by its own rate, alone", () => {
    const { appraisal, ...rest } = draftOf("1", "2", "?", "3y");
    expect(appraisal).toEqual({ hurdle: "", reinvest: "", budget: "", others: [] });
    expect(parseDraft({ ...rest, version: 4 })).toEqual({
      ok: true,
      value: draftOf("1", "2", "?", "3y"),
    });
  });

  test("a draft of version 6 keeps its schedule, and has nothing beside it", () => {
    const draft = draftOf("1", "2", "?", "3y");
    const { confirmed, workings, handIn, ...rest } = draft;
    expect([confirmed, workings]).toEqual([[], null]);
    expect(handIn).toEqual({ variants: false, projects: false });
    const { actual, ...schedule } = { ...draft.schedule, firstDate: "2027-01-31" };
    expect(parseDraft({ ...rest, schedule, version: 6 })).toEqual({
      ok: true,
      value: { ...draft, schedule: { ...schedule, actual } },
    });
  });

  test("a line that is removed takes along that its direction was confirmed", () => {
    const draft = draftOf("1", "2", "?", "3y");
    const [first, second] = draft.flows.map(({ id }) => id);
    confirmDirection(draft, first ?? "");
    confirmDirection(draft, second ?? "");
    confirmDirection(draft, first ?? "");
    expect(draft.confirmed).toEqual([second, first]);
    removeFlow(draft, second ?? "");
    expect(draft.confirmed).toEqual([first]);
  });

  test("a draft of version 5 keeps its compounding, and a bare half per cent", () => {
    const older = (compounding: string, percent: string, every: string) => {
      const draft = SHAPES.find(({ id }) => id === "saving-up")?.start() ?? BLANK_DRAFT;
      return {
        ...draft,
        version: 5,
        rates: [{ kind: "rate", id: "rate-1", percent, quoted: "nominal", compounding, from: "" }],
        flows: draft.flows.map((line) => (line.kind === "stream" ? { ...line, every } : line)),
      };
    };
    const ratesOf = (raw: object) => {
      const parsed = parseDraft(raw);
      if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
      return parsed.value.rates[0];
    };
    // What the payments have too may be nobody's word; anything else somebody chose.
    expect(ratesOf(older("P1M", "6", "month"))).toMatchObject({
      compounding: "P1M",
      compoundedBy: "before",
    });
    expect(ratesOf(older("P3M", "6", "month"))).toMatchObject({
      compounding: "P3M",
      compoundedBy: "words",
    });
    expect(ratesOf(older("P1M", "0.5", "month"))).toMatchObject({ percent: "0.5%" });
    expect(ratesOf(older("P1M", "?", "month"))).toMatchObject({ percent: "?" });
  });

  test.each([
    [{ format: "kestrelmoor-problem", version: 1 }, "file-not-a-problem"],
    [{ ...draftOf("1", "?", "1", "1"), version: 10 }, "file-from-the-future"],
    [{ ...draftOf("1", "?", "1", "1"), rates: [] }, "too-few"],
    [{ ...draftOf("x".repeat(201), "?", "1", "1") }, "too-long"],
  ])("%.40j is no draft: %s", (raw, code) => {
    expect(parseDraft(raw)).toMatchObject({ ok: false, issues: [{ code }] });
  });
});

describe("reading", () => {
  test("gives each field's value, and the problem when all have one", () => {
    const { problem, issues } = readDraft(draftOf("12k", "?", "6 3/8%", "3y 4m"));
    expect(issues).toEqual([]);
    expect(problem).toMatchObject({
      rates: [{ percent: 6.375, quoted: "nominal", compounding: "P1M" }],
      flows: [
        { amount: 12000, at: "P0D" },
        { amount: null, at: "P3Y4M" },
      ],
    });
  });

  test("says of each field what keeps it from being a problem", () => {
    const { problem, issues } = readDraft(draftOf("", "-5", "fast", "soon"));
    expect(problem).toBeNull();
    expect(issues.map(({ code, path }) => `${code} at ${path.join(".")}`)).toEqual([
      "money-missing at flows.0.amount",
      "money-with-sign at flows.1.amount",
      "time-not-understood at flows.1.at",
      "percent-not-understood at rates.0.percent",
    ]);
  });

  test("the words typed beside a rate go before the line's own choice", () => {
    const quotationTyped = (percent: string) =>
      readDraft(draftOf("1", "?", percent, "1")).problem?.rates[0];
    expect(quotationTyped("1.8% per quarter")).toEqual({
      percent: 1.8,
      quoted: "periodic",
      compounding: "P3M",
    });
    expect(quotationTyped("5% effective")).toEqual({ percent: 5, quoted: "effective" });
    expect(quotationTyped("5% a year")).toMatchObject({ quoted: "nominal", compounding: "P1M" });
  });

  test("a start of a rate or the date of a worth cannot be the unknown", () => {
    const draft = draftOf("1", "2", "3", "4");
    addRateChange(draft);
    const second = draft.rates[1];
    if (second?.kind === "rate") Object.assign(second, { percent: "5", from: "?" });
    draft.ask = { kind: "worth", at: "?" };
    expect(readDraft(draft).issues.map(({ code }) => code)).toEqual([
      "unknown-not-here",
      "unknown-not-here",
    ]);
  });

  test("rates out of order are told at the field that starts too early", () => {
    const draft = draftOf("1", "?", "3", "4");
    addRateChange(draft);
    const second = draft.rates[1];
    if (second?.kind === "rate") Object.assign(second, { percent: "5", from: "today" });
    expect(readDraft(draft).issues).toMatchObject([
      { code: "rates-out-of-order", path: ["rates", 1, "from"] },
    ]);
  });
});

describe("moving the unknown", () => {
  test("the old unknown keeps what was found, and solving back gives the old figure to the digit", () => {
    const draft = draftOf("4,500", "?", "3.15%", "3 years 4 months");
    moveUnknown(draft, flowField(0, "amount"), answersOf(draft));
    expect(draft.flows[0]).toMatchObject({ amount: "?" });
    expect(answersOf(draft)[0].value).toBeCloseTo(4500, 9);
    moveUnknown(draft, rateField(0, "percent"), answersOf(draft));
    expect(answersOf(draft)[0].value).toBeCloseTo(3.15, 11);
    moveUnknown(draft, flowField(1, "at"), answersOf(draft));
    expect(answersOf(draft)[0].value).toBeCloseTo(40 / 12, 11);
    moveUnknown(draft, flowField(1, "amount"), answersOf(draft));
    expect(draft.flows[1]).toMatchObject({ amount: "?" });
  });

  test("an unknown without an answer is left empty", () => {
    const draft = draftOf("4,500", "?", "", "");
    moveUnknown(draft, rateField(0, "percent"), []);
    expect(draft.flows[1]).toMatchObject({ amount: "" });
    expect(draft.rates[0]).toMatchObject({ percent: "?" });
  });

  test("an amount that balances the other way round turns its line", () => {
    const draft = draftOf("100", "?", "0", "1");
    turnRound(draft, "back");
    moveUnknown(draft, flowField(0, "amount"), answersOf(draft));
    expect(draft.flows[1]).toMatchObject({ amount: "100", direction: "in" });
  });

  test("a question for the worth gives way, and takes the place of an unknown", () => {
    const draft = draftOf("100", "?", "5", "1");
    askForWorth(draft);
    expect(draft.flows[1]).toMatchObject({ amount: "" });
    moveUnknown(draft, flowField(1, "amount"), []);
    expect(draft.ask).toBeNull();
  });
});

describe("lines", () => {
  test("added ones have names of their own, and removed ones are gone", () => {
    const draft = draftOf("1", "?", "3", "4");
    addAmount(draft);
    addAmount(draft, "2 years");
    removeFlow(draft, "amount-3");
    addAmount(draft);
    const ids = draft.flows.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toHaveLength(4);
  });

  test("the last rate stays", () => {
    const draft = draftOf("1", "?", "3", "4");
    removeRate(draft, "rate-1");
    expect(draft.rates).toHaveLength(1);
    addRateChange(draft);
    removeRate(draft, "rate-1");
    expect(draft.rates.map(({ id }) => id)).toEqual(["rate-2"]);
    expect(readDraft(draft).rates[0]).toMatchObject({ from: null });
  });
});

describe.each(SHAPES)("the shape $id", (shape) => {
  test("starts as a draft with nothing wrong but what is still to be filled in", () => {
    const draft = shape.start();
    expect(parseDraft(draft)).toEqual({ ok: true, value: draft });
    for (const { code } of readDraft(draft).issues) expect(code).toMatch(/-missing$/);
    expect(shape.start()).not.toBe(draft);
  });

  test("is drawn with figures that have an answer", () => {
    expect(answersOf(shape.picture())).toHaveLength(1);
  });
});

describe("follow-up questions", () => {
  const asking = (...also: Draft["also"]): Draft => ({ ...draftOf("1", "?", "5", "2y"), also });

  test.each<[string, Draft["also"][number], string]>([
    ["nothing typed", { kind: "interest", id: "a", over: "" }, "span-missing"],
    ["a time that cannot be read", { kind: "balance", id: "a", at: "soon" }, "time-not-understood"],
    ["the mark of the unknown", { kind: "value", id: "a", at: "?" }, "unknown-not-here"],
    ["a line that is gone", { kind: "total", id: "a", of: "gone" }, "reference-missing"],
    [
      "the end of what has none",
      { kind: "balance", id: "a", at: "when back ends" },
      "reference-not-a-stream",
    ],
  ])("with %s keep nobody from the answer", (_, line, code) => {
    const { problem, also, issues } = readDraft(
      asking({ kind: "balance", id: "sound", at: "1y" }, line),
    );
    expect(issues).toEqual([]);
    expect(problem?.also).toEqual([{ find: "balance", at: "P1Y" }]);
    expect(also[1]).toMatchObject({ field: { state: "issue", issue: { code } }, question: null });
  });
});
