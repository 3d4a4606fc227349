import { describe, expect, test } from "@jest/globals";
import { solve, USUAL_FORMAT, writeMoney } from "@kestrelmoor/core";
import {
  addFollowUp,
  addPart,
  addProject,
  addSum,
  addVariant,
  readyParts,
  sameLines,
  SHAPES,
  writeFollowUpField,
  writeSum,
  type Draft,
} from "@kestrelmoor/core/typing";
import { workbook } from "@kestrelmoor/core/teaching";
import { Workbook as ExcelWorkbook } from "exceljs";
import { recalculate } from "../../../../../core/test/recalculate";
import { outcomeOf } from "../../document/outcome";
import { createQuestionStore } from "../../document/question-store";
import { csvText } from "../figure-table";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { asMarkdown } from "./as-markdown";
import { sheetContent, type SheetContent, type SheetSection } from "./sheet-content";
import { scheduleTable, variantsTable } from "./tables";
import { workbookFile } from "./workbook-file";

const CHOICE: WorkingsStyle = {
  level: "every-step",
  notation: "fractions",
  rounding: { factor: null, rate: null },
};
const AUTHOR = { name: "Isla Thwaite", course: "Finance 1" };
const TODAY = new Date(2026, 10, 24);

function shape(id: string): Draft {
  const found = SHAPES.find((candidate) => candidate.id === id)?.picture();
  if (found === undefined) throw new Error(`There is no shape ${id}`);
  return JSON.parse(JSON.stringify(found)) as Draft;
}

function solved(draft: Draft) {
  const { problem, result } = outcomeOf(draft);
  if (problem === null || result?.ok !== true) throw new Error("It has an answer");
  return { problem, solution: result.value };
}

const STYLE = { choice: CHOICE, format: USUAL_FORMAT, author: AUTHOR, today: TODAY };

function sheetOf(draft: Draft): SheetContent {
  const content = sheetContent(createQuestionStore(draft).getState().parts, STYLE);
  if (content === null) throw new Error("It has an answer");
  return content;
}

function contentOf(draft: Draft): SheetContent & SheetSection {
  const content = sheetOf(draft);
  const [only, ...others] = content.sections;
  if (only === undefined || others.length > 0) throw new Error("It has one part");
  return { ...content, ...only };
}

function balanceOf(draft: Draft, at: string): number {
  const { problem } = solved(draft);
  const asked = solve({ ...problem, also: [{ find: "balance", at }] });
  return Math.abs((asked.ok ? asked.value.also[0] : null) ?? NaN);
}

describe("the content of a sheet", () => {
  test("has the question, what is given, the steps, the answer and further questions", () => {
    const draft = shape("saving-up");
    Object.assign(draft, { title: " Hives ", question: "What is the balance?" });
    const line = addFollowUp(draft, "interest");
    writeFollowUpField(draft, line?.id ?? "", "year 1");
    const content = contentOf(draft);
    expect(content.title).toBe("Hives");
    expect(content.credits).toEqual(["Isla Thwaite", "Finance 1", "24 November 2026"]);
    expect(content.question).toBe("What is the balance?");
    expect(content.given.kind).toBe("given");
    const [own, further] = content.parts;
    expect(own?.steps.map(({ kind }) => kind)).not.toContain("answer");
    expect(further?.question).toMatch(/^Interest/);
    expect(further?.first).toBe((own?.steps.length ?? 0) + 1);
    expect(further?.steps.at(-1)?.kind).toBe("answer");
    expect(content.answer).toContain(
      writeMoney(solved(draft).solution.answers[0].value, USUAL_FORMAT),
    );
    expect(content.flows.some((one) => one.startsWith("Rate: "))).toBe(true);
  });

  test("has the calculations that come to a value", () => {
    const draft = shape("one-amount");
    for (const text of ["answer / 2", "answer / nothing"]) {
      writeSum(draft, addSum(draft)?.id ?? "", text);
    }
    // 60 · 1.05⁶ = 80.4057…, and half of it
    expect(contentOf(draft).further).toEqual([{ question: "answer / 2", answer: "40.20" }]);
  });

  test("has the variants if they are asked for, with the figures of the view", () => {
    const draft = shape("one-amount");
    const line = draft.flows[0]?.id ?? "";
    addVariant(draft, { changes: [{ line, fact: "amount", text: "120" }], name: "twice | more" });
    addVariant(draft, { changes: [{ line, fact: "amount", text: "" }] });
    expect(contentOf(draft).comparisons).toEqual([]);
    draft.handIn.variants = true;
    const [variants] = contentOf(draft).comparisons;
    const column = (place: number) =>
      new Map(variants?.rows.map((row, at) => [row, variants.columns[place]?.cells[at]]));
    expect(variants?.columns.map(({ name }) => name).slice(0, 2)).toEqual([
      "This problem",
      "twice | more",
    ]);
    expect([...column(0).values()].slice(0, 2)).toEqual(["60", "80.41"]);
    // The difference is that of the figures shown: 160.81 − 80.41
    expect(column(1).get("Answer")).toBe("160.81");
    expect(column(1).get("Difference")).toBe("+80.40");
    expect(column(2).get("Answer")).toMatch(/^[A-Z].*\.$/);
    const markdown = asMarkdown(contentOf(draft), CHOICE);
    expect(markdown).toContain("| This problem | twice \\| more |");
    expect(markdown).toContain("| Difference |  | \\+80.40 |");
  });

  test("has the comparison of projects, with the cash flows that were typed", () => {
    const draft = shape("uneven");
    const other = addProject(draft);
    Object.assign(other ?? {}, { name: "Mast", every: "year", amounts: "out 100; 60; 60" });
    draft.handIn.projects = true;
    const [projects] = contentOf(draft).comparisons;
    const mast = projects?.columns.find(({ name }) => name === "Mast");
    expect(mast?.cells[0]).toBe("out 100; 60; 60, one every year");
    expect(mast?.cells[projects?.rows.indexOf("Initial outlay") ?? -1]).toBe("100.00");
    expect(projects?.words[0]).toMatch(/^Hurdle rate /);
  });

  test("has every part, each with what it takes up of those before it", () => {
    const draft = shape("paying-back");
    const [ready] = readyParts(draft);
    addPart(draft, ready?.make({ after: "2 months", percent: "9%" }, "b")[0] ?? sameLines(draft));
    addPart(draft, sameLines(shape("one-amount")));
    Object.assign(draft.later[1]?.rates[0] ?? {}, { percent: "" });
    const content = sheetOf(draft);
    // The third has no answer yet.
    expect(content.sections.map(({ heading }) => heading)).toEqual([
      "(a) Repayments",
      "(b) Payment after the renewal",
    ]);
    const [first, second] = content.sections;
    const owed = balanceOf(draft, "P2M");
    expect(second?.taken).toEqual([
      `balance after 2 months of (a) = ${writeMoney(owed, USUAL_FORMAT)}`,
      expect.stringMatching(/^term of \(a\) - 2 months = \d+ payments$/),
    ]);
    expect([first?.taken, second?.parts[0]?.first]).toEqual([[], 1]);
    expect(second?.answer).toContain("pay");
    const markdown = asMarkdown(content, CHOICE);
    expect(markdown.match(/^# \\?\(.*$/gm)).toHaveLength(2);
  });

  test("there is none without an answer", () => {
    const draft = shape("one-amount");
    Object.assign(draft.rates[0] ?? {}, { percent: "" });
    expect(sheetContent([outcomeOf(draft)], STYLE)).toBeNull();
  });
});

describe("as Markdown", () => {
  test("it has its headings, formulas between dollar signs and the answer", () => {
    const draft = shape("paying-back");
    Object.assign(draft, { title: "A *loan*", question: "It costs $500.\n\nWhat is paid?" });
    const written = asMarkdown(contentOf(draft), CHOICE);
    expect(written).toMatch(/^# A \\\*loan\\\*\n\nIsla Thwaite · Finance 1 · 24 November 2026\n/);
    expect(written).toContain("> It costs \\$500.\n>\n> What is paid?");
    expect([...written.matchAll(/^## (.*)$/gm)].map(([, head]) => head)).toEqual([
      "Question",
      "Timeline",
      "Given",
      "Workings",
      "Answer",
    ]);
    expect(written).toMatch(/^- \$.*\$ — number of payments$/m);
    expect(written).toMatch(/^ {4}\$.*\\frac.*\$$/m);
    // Dollar signs come in pairs, or the rest of the page would be set as one formula.
    for (const line of written.split("\n")) {
      expect((line.match(/(?<!\\)\$/g) ?? []).length % 2).toBe(0);
    }
  });
});

describe("as a workbook", () => {
  test.each(SHAPES.map(({ id }) => id))(
    "the file of the shape %s opens with formulas that come to the answer",
    async (id) => {
      const { solution } = solved(shape(id));
      const book = workbook(solution, { title: "=1+1", lines: ["A line"] });
      const file = new ExcelWorkbook();
      await file.xlsx.load(await workbookFile(book, "=1+1"));
      expect(file.worksheets.map(({ name }) => name)).toEqual(book.sheets.map(({ name }) => name));
      const value = recalculate(
        {
          at: (sheet, cell) => {
            const place = file.getWorksheet(sheet)?.getCell(cell);
            if (place === undefined) return null;
            if (place.formula) return { formula: place.formula };
            return typeof place.value === "number" ? place.value : null;
          },
        },
        book.answer.sheet,
        book.answer.cell,
      );
      const exact = solution.answers[0].value;
      expect(Math.abs(Math.abs(value) / Math.abs(exact) - 1)).toBeLessThan(1e-9);
      // A title that looks like a formula stays a title.
      expect(file.worksheets[0]?.getCell("A1").value).toBe("=1+1");
      expect(file.worksheets[0]?.getCell("A1").formula).toBeFalsy();
    },
  );
});

describe("tables to save", () => {
  test("the schedule of a loan runs from what is lent to nothing", () => {
    const { problem, solution } = solved(shape("paying-back"));
    const made = scheduleTable(problem, USUAL_FORMAT);
    if (!made.ok) throw new Error(made.sentence);
    const { heads, rows } = made.table;
    const column = (name: string) => rows.map((row) => Number(row[heads.indexOf(name)]));
    expect(column("Other cash flows").every((other) => other === 0)).toBe(true);
    expect(column("Opening balance")[0]).toBe(Math.abs(lentIn(solution)));
    expect(column("Closing balance").at(-1)).toBeCloseTo(0, 6);
    rows.forEach((_, row) => {
      const [paid = 0, interest = 0, principal = 0] = ["Paid", "Interest", "Principal"].map(
        (name) => column(name)[row],
      );
      expect(interest + principal).toBeCloseTo(paid, 8);
    });
  });

  test("payments for ever have no schedule, and a sentence says so", () => {
    const { problem } = solved(shape("for-ever"));
    const made = scheduleTable(problem, USUAL_FORMAT);
    expect(made.ok ? "" : made.sentence).toMatch(/^[A-Z].*\.$/);
  });

  test("variants stand beside the problem with what differs and what comes of it", () => {
    const draft = shape("one-amount");
    const id = draft.flows[0]?.kind === "single" ? draft.flows[0].id : "";
    addVariant(draft, { changes: [{ line: id, fact: "amount", text: "120" }], name: "=twice" });
    addVariant(draft, { changes: [{ line: id, fact: "amount", text: "" }] });
    const { heads, rows } = variantsTable(draft, outcomeOf(draft), USUAL_FORMAT);
    // 60 at 5 % for 6 years: 60 · 1.05⁶ = 80.4057…
    const own = 60 * 1.05 ** 6;
    expect(heads.slice(0, 2)).toEqual(["", "This problem"]);
    expect(rows[0]?.slice(1, 3)).toEqual(["60", "120"]);
    const answers = rows.find(([name]) => name === "Answer");
    expect(answers?.[1]).toBeCloseTo(own, 9);
    expect(answers?.[2]).toBeCloseTo(2 * own, 9);
    expect(typeof answers?.[3]).toBe("string");
    expect(rows.find(([name]) => name === "Difference")?.[2]).toBeCloseTo(own, 9);
    expect(csvText({ heads, rows }, USUAL_FORMAT)).toContain(`"'=twice"`);
  });
});

function lentIn({ settled }: ReturnType<typeof solved>["solution"]): number {
  const [first] = settled.flows.filter(({ kind }) => kind === "single");
  return first?.kind === "single" ? first.amount : NaN;
}
