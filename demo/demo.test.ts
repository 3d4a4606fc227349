import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, test } from "@jest/globals";
import { answerText, readProblemText, solve } from "@kestrelmoor/core";
import {
  draftOfFile,
  parseDraft,
  readDraft,
  readParts,
  readProject,
  writeDraft,
  writeQuestion,
} from "@kestrelmoor/core/typing";

const folder = join(__dirname, "problems");
const files = readdirSync(folder);
const names = files.filter((name) => name.endsWith(".problem.json"));

/** Worked apart from the product, in 50-digit decimals, and rounded as the screen rounds. */
const ANSWERS: Readonly<Record<string, string>> = {
  "01-extractor-fund.problem.json": "After 3 years 4 months, you receive 4,996.14.",
  "02-barn-roof.problem.json": "Today, you invest 30,000.25.",
  "03-weather-mast.problem.json": "The rate is 4.0766% a year, compounded monthly.",
  "04-hives-doubled.problem.json": "It takes 9.713 years, that is 9 years 8 months 16 days.",
  "05-lender-changes.problem.json": "After 9 years, you receive 29,613.41.",
  "06-bursary-buying-power.problem.json": "Today, you invest 10,895.47.",
  "07-lease-settled.problem.json": "The net present value is −7,718.47.",
  "08-wax-press.problem.json": "After 2 years 6 months, you pay 6,259.62.",
  "09-honeycomb-bond.problem.json": "After 8 years 3 months, you receive 10,566.62.",
  "10-hive-deposits.problem.json": "When deposits end, you receive 5,895.62.",
  "11-extractor-on-credit.problem.json": "You pay 1,189.69 at the end of each month.",
  "12-second-shed.problem.json": "You pay 372.48 at the end of each month.",
  "13-van-with-a-residual.problem.json": "You pay 808.75 at the end of each month.",
  "14-rising-lease.problem.json": "Today, you invest 67,540.56.",
  "15-beekeepers-pension.problem.json": "Today, you invest 85,897.54.",
  "16-bursary-drawn-down.problem.json": "You receive 920.88 at the end of each month.",
  "17-prize-for-ever.problem.json": "Today, you invest 128,000.00.",
  "18-wax-workshop.problem.json": "The net present value is 1,566.85.",
  "19-barn-roof-mortgage.problem.json": "You pay 1,039.02 at the end of each month.",
  "20-hives-rising-deposits.problem.json": "When deposits end, you receive 45,448.53.",
  "21-peat-pit.problem.json": "The rate is 10% or 20% or 30% a year, effective.",
  "22-candles-on-dates.problem.json": "The net present value is 249.42.",
  "23-savings-by-the-table.problem.json": "When deposits end, you receive 29,268.04.",
  "24-orchard-offer.problem.json": "Today, you invest 7,451.75.",
  "25-note-sold-early.problem.json": "Today, you receive 8,097.60.",
  "26-debts-replaced.problem.json": "After 6 months, you pay 3,671.99.",
};

/** Of each part, worked apart as well. */
const PARTS: Readonly<Record<string, readonly string[]>> = {
  "27-mortgage-renewed.question.json": [
    "You pay 961.09 at the end of each month.",
    "After 5 years, you pay 159,988.45.",
    "You pay 1,073.61 at the end of each month.",
  ],
};

describe.each(files.filter((name) => name.endsWith(".question.json")))("%s", (name) => {
  const draft = draftOfFile(readFileSync(join(folder, name), "utf8"));
  if (!draft.ok) throw new Error(JSON.stringify(draft.issues));

  test("asks a question in words and answers each part", () => {
    expect(draft.value.question).toMatch(/[?]$/);
    const answers = readParts(draft.value).map(({ solved }) =>
      solved === null ? null : answerText(solved),
    );
    expect(answers).toEqual(PARTS[name]);
  });

  test("is the same after it was put into fields and read back", () => {
    const file = JSON.parse(readFileSync(join(folder, name), "utf8")) as unknown;
    expect(writeQuestion(draft.value)).toEqual(file);
  });
});

describe.each(names)("%s", (name) => {
  const read = readProblemText(readFileSync(join(folder, name), "utf8"));
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const problem = read.value;

  test("asks a question in words and answers it", () => {
    const solution = solve(problem);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    expect(problem.question).toMatch(/[?]$/);
    expect(answerText(solution.value)).toBe(ANSWERS[name]);
  });

  test("is the same after it was put into fields and read back", () => {
    expect(readDraft(writeDraft(problem)).problem).toEqual(problem);
  });
});

describe.each(files.filter((name) => name.endsWith(".beside.json")))("%s", (name) => {
  const own = readProblemText(
    readFileSync(join(folder, name.replace(".beside.", ".problem.")), "utf8"),
  );
  if (!own.ok) throw new Error(JSON.stringify(own.issues));
  const beside = JSON.parse(readFileSync(join(folder, name), "utf8")) as object;

  test("fits its problem, and every other project in it can be read", () => {
    const draft = parseDraft({ ...writeDraft(own.value), ...beside });
    if (!draft.ok) throw new Error(JSON.stringify(draft.issues));
    for (const project of draft.value.appraisal.others) {
      expect(readProject(project).flows).not.toBeNull();
    }
  });
});
