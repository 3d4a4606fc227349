import { describe, expect, test } from "@jest/globals";
import { readVersioned, type VersionedDocument } from "../documents/versioned-document";
import { succeed } from "../result";
import { sentenceOf } from "../../wording/sentences";
import { problemJsonSchema } from "./json-schema";
import { readProblem, readProblemText, writeProblemText } from "./problem-file";
import { listUnknowns } from "./unknown";
import { USUAL_FORMAT } from "../../wording/answer-format";

const everything = {
  format: "kestrelmoor-problem",
  version: 2,
  title: "All of it",
  question: "Everything that a file can hold?",
  currency: "USD",
  today: "2027-09-20",
  dayCount: "30/360",
  fraction: "compound",
  focal: { endOf: "repayments" },
  rates: [
    { percent: 7.4, quoted: "nominal", compounding: "P1M" },
    { from: "P4Y", percent: { plus: 0.75, of: 0 }, quoted: "effective" },
    { from: "P6Y", percent: -1, quoted: "periodic", compounding: "P0.5M" },
    { from: { endOf: "repayments" }, percent: 3, quoted: "continuous" },
  ],
  flows: [
    { id: "loan", kind: "single", direction: "in", amount: 86000, at: "P0D" },
    {
      id: "repayments",
      label: "each month",
      kind: "stream",
      direction: "out",
      amount: null,
      every: "P1M",
      count: 96,
      timing: "end",
      begins: "P0D",
      growth: { percent: 3, every: "P1Y" },
    },
    {
      id: "steps",
      kind: "stream",
      direction: "out",
      amount: { times: 0.5, of: "repayments" },
      every: "P4W",
      count: "forever",
      timing: "start",
      begins: { endOf: "repayments" },
      growth: { amount: -5, every: "P1M" },
    },
    {
      id: "residual",
      kind: "single",
      direction: "out",
      amount: { times: 0.3, of: "loan" },
      at: { endOf: "repayments" },
    },
    { id: "project", kind: "list", every: "P1Y", begins: "P0D", amounts: [-5000, 0, 3100] },
    { id: "dated", kind: "dated", entries: [{ on: "2028-02-29", amount: -5000 }] },
  ],
  also: [
    { find: "balance", at: "P5Y" },
    { find: "interest", from: "P2Y", to: "P3Y" },
    { find: "principal", from: "P2Y", to: { endOf: "repayments" } },
    { find: "total", of: "repayments" },
    { find: "value", at: "P1Y" },
  ],
};

const [loan, repayments] = everything.flows;
const base = {
  format: "kestrelmoor-problem",
  version: 2,
  rates: [{ percent: 5, quoted: "effective" }],
  flows: [loan],
};

/** The faults of a file as `code at path`. */
function faultsOf(file: unknown): string[] {
  const read = readProblem(file);
  return read.ok ? [] : read.issues.map(({ code, path }) => `${code} at ${path.join(".")}`);
}

test("a file with everything in it is read, and written as it was", () => {
  const read = readProblem(everything);
  expect(read).toEqual({ ok: true, value: everything });
  if (read.ok) expect(readProblemText(`\uFEFF${writeProblemText(read.value)}`)).toEqual(read);
});

test("a file of version 1 means what it meant", () => {
  const old = { ...base, version: 1 };
  expect(readProblem(old)).toEqual({ ok: true, value: { ...base, version: 2 } });
  expect(readProblem({ ...base, version: 2 })).toEqual({
    ok: true,
    value: { ...base, version: 2 },
  });
});

describe("each fault is told with its path", () => {
  const flow = (change: object) => ({ ...base, flows: [{ ...loan, ...change }] });
  const rate = (change: object) => ({ ...base, rates: [{ ...base.rates[0], ...change }] });
  test.each<[unknown, string[]]>([
    [null, ["file-not-a-problem at "]],
    [[], ["file-not-a-problem at "]],
    [{ format: "other" }, ["file-not-a-problem at "]],
    [{ format: "kestrelmoor-question", version: 1 }, ["file-is-question at "]],
    [{ ...base, version: "1" }, ["file-version-unreadable at version"]],
    [{ ...base, version: 0 }, ["file-version-unreadable at version"]],
    [{ ...base, version: 3 }, ["file-from-the-future at version"]],
    [{ ...base, colour: "red" }, ["unknown-field at "]],
    [{ ...base, flows: [] }, ["too-few at flows"]],
    [{ format: base.format, version: 2 }, ["missing-field at rates", "missing-field at flows"]],
    [{ ...base, title: "x".repeat(201) }, ["too-long at title"]],
    [{ ...base, question: "x".repeat(20_001) }, ["too-long at question"]],
    [{ ...base, currency: "dollars" }, ["wrong-format at currency"]],
    [flow({ amount: -1 }), ["out-of-range at flows.0.amount"]],
    [flow({ amount: 1e308 }), ["out-of-range at flows.0.amount"]],
    [flow({ amount: "86000" }), ["wrong-type at flows.0.amount"]],
    [flow({ amount: { times: 2 } }), ["missing-field at flows.0.amount.of"]],
    [flow({ amount: { times: 2, of: "loan", minus: 1 } }), ["unknown-field at flows.0.amount"]],
    [flow({ at: "-P1001Y" }), ["wrong-format at flows.0.at"]],
    [flow({ at: "--P1Y" }), ["wrong-format at flows.0.at"]],
    [flow({ at: "-2027-09-20" }), ["wrong-format at flows.0.at"]],
    [flow({ at: "2027-09-20" }), ["date-without-today at flows.0.at"]],
    [{ ...flow({ at: "2027-02-31" }), today: "2027-01-01" }, ["date-impossible at flows.0.at"]],
    [{ ...base, today: "2027-02-29" }, ["date-impossible at today"]],
    [{ ...base, today: "20 Sep 2027" }, ["wrong-format at today"]],
    [{ ...base, dayCount: "actual/364" }, ["wrong-type at dayCount"]],
    [{ ...base, fraction: "rounded" }, ["wrong-type at fraction"]],
    [{ ...base, focal: "2027-09-20" }, ["date-without-today at focal"]],
    [{ ...base, focal: { endOf: "ghost" } }, ["reference-missing at focal.endOf"]],
    [
      { ...base, ask: { find: "value", at: "2027-02-30" }, today: "2027-01-01" },
      ["date-impossible at ask.at"],
    ],
    [
      { ...base, also: [{ find: "balance", at: "2028-01-01" }] },
      ["date-without-today at also.0.at"],
    ],
    [rate({ quoted: "nominal-discount" }), ["missing-field at rates.0.compounding"]],
    [rate({ quoted: "simple", compounding: "P1M" }), ["unknown-field at rates.0"]],
    [
      {
        ...base,
        rates: [
          { percent: 5, quoted: "simple" },
          { percent: 5, quoted: "effective", from: "P1Y" },
        ],
      },
      ["rates-of-two-kinds at rates.1.quoted"],
    ],
    [
      {
        ...base,
        rates: [
          { percent: 5, quoted: "simple" },
          { percent: 5, quoted: "bank-discount", from: "P1Y" },
        ],
      },
      ["rates-of-two-kinds at rates.1.quoted"],
    ],
    [
      { ...base, fraction: "simple", rates: [...base.rates, { ...base.rates[0], from: "P1Y" }] },
      ["fraction-of-several-rates at fraction"],
    ],
    [
      { ...base, fraction: "simple", rates: [{ percent: 5, quoted: "effective-discount" }] },
      ["fraction-of-discount at rates.0.quoted"],
    ],
    [
      {
        ...base,
        today: "2027-09-20",
        rates: [...base.rates, { ...base.rates[0], from: "2027-09-20" }],
      },
      ["rates-out-of-order at rates.1.from"],
    ],
    [flow({ at: "P1001Y" }), ["wrong-format at flows.0.at"]],
    [flow({ at: 3 }), ["wrong-type at flows.0.at"]],
    [flow({ direction: "sideways" }), ["wrong-type at flows.0.direction"]],
    [flow({ kind: "river" }), ["wrong-type at flows.0.kind"]],
    [flow({ id: "1st" }), ["wrong-format at flows.0.id"]],
    [rate({ percent: 2e6 }), ["out-of-range at rates.0.percent"]],
    [rate({ quoted: "nominal" }), ["missing-field at rates.0.compounding"]],
    [rate({ quoted: "nominal", compounding: "P0D" }), ["wrong-format at rates.0.compounding"]],
    [rate({ compounding: "P1M" }), ["unknown-field at rates.0"]],
    [rate({ from: "P1Y" }), ["first-rate-starts-late at rates.0.from"]],
    [{ ...base, rates: [...base.rates, ...base.rates] }, ["rate-start-missing at rates.1.from"]],
    [
      { ...base, rates: [...base.rates, { ...base.rates[0], from: "P0D" }] },
      ["rates-out-of-order at rates.1.from"],
    ],
    [{ ...base, flows: [loan, loan] }, ["duplicate-id at flows.1.id"]],
    [flow({ amount: { times: 2, of: "ghost" } }), ["reference-missing at flows.0.amount.of"]],
    [flow({ amount: { times: 2, of: "loan" } }), ["reference-cycle at flows.0.amount.of"]],
    [flow({ at: { endOf: "loan" } }), ["reference-not-a-stream at flows.0.at.endOf"]],
    [rate({ percent: { plus: 1, of: 7 } }), ["rate-reference-missing at rates.0.percent.of"]],
    [rate({ percent: { plus: 1, of: 0 } }), ["reference-cycle at rates.0.percent.of"]],
    [
      {
        ...base,
        flows: [
          loan,
          { ...repayments, count: "forever" },
          { ...loan, id: "b", at: { endOf: "repayments" } },
        ],
      },
      ["reference-endless at flows.2.at.endOf"],
    ],
    [
      {
        ...base,
        flows: [
          { id: "l", kind: "list", every: "P1Y", begins: "P0D", amounts: [1] },
          { ...loan, amount: { times: 1, of: "l" } },
        ],
      },
      ["reference-without-amount at flows.1.amount.of"],
    ],
    [
      {
        ...base,
        flows: [
          {
            ...{ id: "l", kind: "list", every: "P1Y", begins: "P0D", amounts: [1, 2] },
            labels: ["a", "b", "c"],
          },
        ],
      },
      ["labels-too-many at flows.0.labels"],
    ],
    [
      { ...base, flows: [{ id: "d", kind: "dated", entries: [{ on: "2027-02-29", amount: 1 }] }] },
      ["date-impossible at flows.0.entries.0.on"],
    ],
    [{ ...base, also: [{ find: "total", of: "ghost" }] }, ["reference-missing at also.0.of"]],
    [{ ...base, also: [{ find: "meaning" }] }, ["wrong-type at also.0.find"]],
    [{ ...base, ask: { find: "value" } }, ["missing-field at ask.at"]],
  ])("%j", (file, faults) => {
    expect(faultsOf(file)).toEqual(faults);
  });

  test("all of them at once, not only the first", () => {
    const file = {
      ...base,
      rates: [{ percent: "5", quoted: "effective" }],
      flows: [{ ...loan, amount: -1, at: "soon" }],
    };
    expect(faultsOf(file)).toEqual([
      "wrong-type at rates.0.percent",
      "out-of-range at flows.0.amount",
      "wrong-format at flows.0.at",
    ]);
  });
});

test("says in words what kind of value was expected", () => {
  const read = readProblem({ ...base, flows: ["river"], title: 7 });
  expect(read.ok ? [] : read.issues.map((found) => sentenceOf(found, USUAL_FORMAT))).toEqual([
    "This should be a text in quotation marks.",
    "This should be an object in braces.",
  ]);
});

describe("references", () => {
  const chain = (length: number) => ({
    ...base,
    flows: [
      loan,
      ...Array.from({ length }, (_, index) => ({
        ...loan,
        id: `f${index}`,
        amount: { times: 1, of: index === 0 ? "loan" : `f${index - 1}` },
      })),
    ],
  });

  test("may be sixteen deep and no deeper", () => {
    expect(faultsOf(chain(16))).toEqual([]);
    expect(faultsOf(chain(17))).toEqual(["reference-too-deep at flows.17.amount.of"]);
  });

  test("that go round are told once, with everything in the round", () => {
    const file = {
      ...base,
      flows: ["a", "b", "c"].map((id, index, all) => ({
        ...loan,
        id,
        amount: { times: 1, of: all[(index + 1) % 3] },
      })),
    };
    const read = readProblem(file);
    expect(read).toMatchObject({
      ok: false,
      issues: [{ code: "reference-cycle", ids: ["a", "b", "c"] }],
    });
  });
});

describe("unknowns", () => {
  test("are found wherever a null may stand", () => {
    const read = readProblem({
      ...everything,
      rates: [{ percent: null, quoted: "effective" }],
      flows: [
        { ...loan, amount: null, at: null },
        { ...repayments, count: null, begins: null, growth: { percent: null, every: "P1Y" } },
        { ...repayments, id: "r2", amount: 5, growth: { amount: null, every: "P1Y" } },
        { id: "l", kind: "list", every: "P1Y", begins: null, amounts: [1, null] },
        { id: "d", kind: "dated", entries: [{ on: "2027-01-01", amount: null }] },
      ],
      ask: { find: "value", at: "P0D" },
      also: [],
    });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(listUnknowns(read.value).map(({ kind, path }) => `${kind} ${path.join(".")}`)).toEqual([
      "percent rates.0.percent",
      "amount flows.0.amount",
      "at flows.0.at",
      "amount flows.1.amount",
      "count flows.1.count",
      "begins flows.1.begins",
      "growth flows.1.growth.percent",
      "amount flows.2.growth.amount",
      "begins flows.3.begins",
      "amount flows.3.amounts.1",
      "amount flows.4.entries.0.amount",
      "value ask",
    ]);
  });
});

describe("files as text", () => {
  test.each([
    ["", "file-not-json"],
    ["{", "file-not-json"],
    ["hello", "file-not-json"],
    [`"${"x".repeat(1_048_577)}"`, "file-too-large"],
  ])("%.20s", (text, code) => {
    expect(readProblemText(text)).toMatchObject({ ok: false, issues: [{ code }] });
  });
});

describe("documents with a history", () => {
  interface Note {
    readonly format: string;
    readonly version: number;
    readonly lines: readonly string[];
  }
  const history: VersionedDocument<Note> = {
    format: "note",
    version: 3,
    migrations: {
      1: ({ text, ...rest }) => ({ ...rest, body: text }),
      2: ({ body, ...rest }) => ({ ...rest, lines: String(body).split("\n") }),
    },
    validate: (document) => succeed(document as unknown as Note),
  };

  test.each([
    [{ format: "note", version: 1, text: "a\nb" }],
    [{ format: "note", version: 2, body: "a\nb" }],
    [{ format: "note", version: 3, lines: ["a", "b"] }],
  ])("%j comes out as the newest version", (old) => {
    const before = JSON.stringify(old);
    expect(readVersioned(history, old)).toEqual({
      ok: true,
      value: { format: "note", version: 3, lines: ["a", "b"] },
    });
    expect(JSON.stringify(old)).toBe(before);
  });

  test("one from the future is left alone", () => {
    expect(readVersioned(history, { format: "note", version: 4 })).toMatchObject({
      issues: [{ code: "file-from-the-future", version: 4, newest: 3 }],
    });
  });

  test("a version without a way forward is a programmer's mistake", () => {
    expect(() =>
      readVersioned({ ...history, migrations: {} }, { format: "note", version: 1 }),
    ).toThrow(/no migration from version 1/);
  });
});

test("the published schema describes every field of the file", () => {
  const text = JSON.stringify(problemJsonSchema());
  expect(text).toContain("https://json-schema.org/draft/2020-12/schema");
  for (const name of ["rates", "flows", "endOf", "times", "plus", "entries", "growth", "also"]) {
    expect(text).toContain(`"${name}"`);
  }
});
