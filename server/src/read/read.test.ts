import { afterAll, beforeAll, expect, test } from "@jest/globals";
import { readReply, type ProblemDetails, type ReadReply } from "@kestrelmoor/contract";
import request from "supertest";
import { createTestApp, type TestApp } from "../../test/test-app";

let served: TestApp;
beforeAll(async () => {
  served = await createTestApp();
});
afterAll(() => served.close());

const post = (path: string, body: unknown) =>
  request(served.app).post(path).type("json").send(JSON.stringify(body));

const read = async (text: string, more: object = {}) =>
  (await post("/api/read", { text, ...more }).expect(200)).body as ReadReply;

const LOAN =
  "A mill founded in 1987 borrows £9,000 at 6.9% a year, repaid over 5 years by equal payments at the end of each month. (a) Find the payment. (b) What is owed after 2 years?";

test("a question in parts: each problem is solved as it comes", async () => {
  const reading = await read(LOAN);
  expect(readReply.safeParse(reading).error).toBeUndefined();
  expect(reading.kind).toBe("question");
  expect(reading.parts.map(({ label, follow }) => [label, follow])).toEqual([
    ["a", undefined],
    ["b", 0],
  ]);
  const [payment, balance] = reading.parts;
  const solved = await post("/api/solve", payment?.problem).expect(200);
  expect((solved.body as { answers: { value: number }[] }).answers[0]?.value).toBeCloseTo(
    177.786471,
    6,
  );
  const followed = await post("/api/solve", balance?.problem).expect(200);
  expect((followed.body as { also: { value: number }[] }).also).toHaveLength(1);
});

test("each phrase with what it became, and a figure without a use with the reason", async () => {
  const { spans, unused } = await read(LOAN);
  for (const { from, to, text } of spans) expect(LOAN.slice(from, to)).toBe(text);
  expect(spans.find(({ role }) => role === "amount")).toMatchObject({
    text: "£9,000",
    target: { flow: "loan", field: "amount" },
  });
  expect(unused).toEqual([{ from: 18, to: 22, why: "a year in the story" }]);
});

test("what is assumed has its alternatives, and one that is chosen is read so", async () => {
  const { assumptions } = await read(LOAN);
  const [compounding] = assumptions;
  expect(compounding).toMatchObject({
    code: "compounding",
    sentence: "The rate is taken as compounded monthly.",
  });
  expect(compounding?.alternatives.map(({ reading }) => reading)).toEqual(["effective"]);
  const chosen = await read(LOAN, { choices: { compounding: "effective" } });
  expect(chosen.parts).toEqual(compounding?.alternatives[0]?.parts);
  expect(chosen.parts[0]?.problem.rates[0]?.quoted).toBe("effective");
});

test("what is read can be saved as it is", async () => {
  const { file } = await read(LOAN);
  const saved = await post("/api/problems", { problem: file }).expect(201);
  expect((saved.body as { draft: { question: string; also: unknown[] } }).draft).toMatchObject({
    question: LOAN,
    also: [{ kind: "balance" }],
  });
});

test("rates and offers have no problem", async () => {
  expect(await read("Convert 7.8% compounded monthly to an effective annual rate.")).toMatchObject({
    kind: "rate",
    parts: [],
    from: { percent: 7.8, quoted: "nominal", compounding: "P1M" },
    to: { quoted: "effective" },
  });
  expect(
    await read("Which loan is cheaper: 8% compounded quarterly or 7.9% compounded daily?"),
  ).toMatchObject({
    kind: "offers",
    want: "lowest",
    rates: [{ percent: 8 }, { percent: 7.9 }],
  });
});

test("what is missing is told in a sentence", async () => {
  const { kind, missing, partial } = await read(
    "A loan of $5,000 is repaid by equal payments at the end of each month over 3 years. Find the payment.",
  );
  expect(kind).toBe("incomplete");
  expect(missing).toEqual([{ code: "rate", sentence: "The question gives no interest rate." }]);
  expect(partial).toMatchObject({ blanks: ["rate"], problem: { rates: [{ percent: 1 }] } });
});

test.each<[string, object]>([
  ["no text", {}],
  ["a text of 20,001 characters", { text: "x".repeat(20_001) }],
  ["an unknown choice", { text: "?", choices: { colour: "red" } }],
])("%s is refused", async (_, body) => {
  const { body: details } = await post("/api/read", body).expect(422);
  expect((details as ProblemDetails).issues).toHaveLength(1);
});

test("a choice that is no reading of the text changes nothing", async () => {
  expect(await read(LOAN, { choices: { compounding: "sideways" } })).toEqual(await read(LOAN));
});

test("20,000 characters of figures are answered", async () => {
  expect((await read("5% $7 ".repeat(3333))).kind).toBe("incomplete");
});
