import { readFile } from "node:fs/promises";
import type { Download, Page } from "@playwright/test";
import ExcelJs from "exceljs";
import { recalculate } from "../../core/test/recalculate";
import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

async function openSheet(page: Page) {
  await page.getByRole("tab", { name: "Hand in" }).click();
  const sheet = page.getByRole("article", { name: "Hand-in sheet" });
  await expect(sheet).toBeVisible();
  return sheet;
}

async function saved(page: Page, word: string): Promise<Download> {
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: word, exact: true }).click();
  return download;
}

async function textOf(download: Download): Promise<string> {
  return readFile(await download.path(), "utf8");
}

test("a sheet has everything that earns marks, and remembers the name", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  const sheet = await openSheet(page);
  await moor.type(page.getByRole("textbox", { name: "By" }), "Isla Thwaite");
  await moor.type(page.getByRole("textbox", { name: "for", exact: true }), "Finance 1");
  await expect(sheet).toContainText("Isla Thwaite · Finance 1 · ");
  for (const part of ["Question", "Timeline", "Given", "Workings", "Answer"]) {
    await expect(sheet.getByRole("heading", { name: part, exact: true })).toBeVisible();
  }
  await expect(sheet).toContainText(
    "At the end of 5 years a balloon payment of 30% of the price is due.",
  );
  await expect(sheet.getByRole("img")).toHaveAccessibleName(/Money in: 52,000\.00, today/);
  await expect(sheet).toContainText("The repayment is 808.75 at the end of each month.");
  await page.getByRole("combobox", { name: "Level of detail" }).selectOption("short");
  await expect(sheet).not.toContainText("Isolate the unknown.");
  await page.getByRole("combobox", { name: "Level of detail" }).selectOption("all steps");
  await page.reload();
  await expect(sheet).toContainText("Isla Thwaite · Finance 1 · ");
});

test("it follows the problem, and says what is missing without an answer", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  const sheet = await openSheet(page);
  await moor.askFurther(/Interest over/, "year 2");
  await expect(sheet).toContainText("5,895.62");
  await expect(sheet.getByRole("heading", { name: "Interest in year 2" })).toBeVisible();
  await expect(sheet).toContainText("Interest in year 2: 78.73.");
  await moor.type(moor.amount(0), "nonsense");
  await expect(page.getByRole("tabpanel")).toContainText("When the problem has an answer");
});

test("the variants and other projects are on the sheet if one says so", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("button", { name: "Keep and vary" }).click();
  await moor.type(moor.rate, "8.4");
  const sheet = await openSheet(page);
  const heading = sheet.getByRole("heading", { name: "Variants" });
  await expect(heading).toBeHidden();
  const choice = page.getByRole("combobox", { name: "Whether the sheet has the variants" });
  await choice.selectOption("with the variants");
  await expect(heading).toBeVisible();
  // 854.25 at 8.4%, and 808.75 as it was kept
  await expect(sheet.getByRole("row", { name: "Rate 8.4% 6.9%" })).toBeVisible();
  await expect(sheet.getByRole("row", { name: "Answer 854.25 808.75" })).toBeVisible();
  await expect(sheet.getByRole("row", { name: "Difference −45.50" })).toBeVisible();
  expect(await textOf(await saved(page, "Markdown with LaTeX"))).toContain(
    "| Answer | 854.25 | 808.75 |",
  );
  await moor.expectSaved();
  await page.reload();
  await expect(heading).toBeVisible();

  await moor.openProblem("The wax workshop");
  await openSheet(page);
  await page
    .getByRole("combobox", { name: "Whether the sheet has the comparison of projects" })
    .selectOption("with the comparison of projects");
  await expect(sheet).toContainText("out 21,000; 8,500 x 3, one every year");
  await expect(sheet).toContainText("If the projects are mutually exclusive, choose Bottling line");
  expect(await textOf(await saved(page, "web page"))).toContain("Projects compared");
});

test("the printer gets the sheet and nothing else", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  const sheet = await openSheet(page);
  await expect(sheet.locator("math").nth(14)).toBeAttached();
  await page.emulateMedia({ media: "print" });
  await expect(sheet).toBeVisible();
  await expect(page.getByRole("tablist")).toBeHidden();
  await expect(moor.answer).toBeHidden();
  await expect(page.getByRole("button", { name: "Print or save as PDF" })).toBeHidden();
  const pdf = (await page.pdf({ format: "A4", preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(2);
  await page.emulateMedia({ media: "screen" });
  // Another view is printed as it stands on the screen.
  await page.getByRole("tab", { name: "Proof" }).click();
  await page.emulateMedia({ media: "print" });
  await expect(moor.answer).toBeVisible();
});

test("the saved page is complete by itself, with formulas for a screen reader", async ({
  moor,
  page,
  context,
}) => {
  await moor.openProblem("The delivery van");
  await openSheet(page);
  const download = await saved(page, "web page");
  expect(download.suggestedFilename()).toBe("the-delivery-van.html");
  const html = await textOf(download);
  // Nothing that would have to be fetched; what is drawn may point within the page.
  expect(html).not.toMatch(/<script|<link|src="|url\((?!&quot;#)/);
  const alone = await context.newPage();
  const asked: string[] = [];
  alone.on("request", (request) => asked.push(request.url()));
  await alone.setContent(html);
  await expect(alone.getByRole("heading", { name: "The delivery van" })).toBeVisible();
  await expect(alone.locator("math")).not.toHaveCount(0);
  await expect(alone.locator("svg")).toContainText("52,000.00");
  await expect(alone.getByText("The repayment is 808.75 at the end of each month.")).toBeVisible();
  expect(asked).toEqual([]);
});

test("the Markdown has its formulas as LaTeX", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await openSheet(page);
  const written = await textOf(await saved(page, "Markdown with LaTeX"));
  expect(written).toContain("# The delivery van");
  expect(written).toContain(String.raw`$i = \frac{j}{m} = \frac{0.069}{12} = 0.00575$`);
  expect(written).toContain("**The repayment is 808.75 at the end of each month.**");
});

test("the workbook recalculates the answer, also with another price", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await openSheet(page);
  const download = await saved(page, "workbook with live formulas");
  const book = new ExcelJs.Workbook();
  await book.xlsx.readFile(await download.path());
  const sheet = book.getWorksheet("Workings");
  let price = "";
  let answer = "";
  sheet?.eachRow((row, number) => {
    if (row.getCell(2).value === "PV") price = `C${number}`;
    if (row.getCell(3).formula) answer = `C${number}`;
  });
  const answerAt = (priced: number) =>
    recalculate(
      {
        at: (name, cell) => {
          const held = book.getWorksheet(name)?.getCell(cell);
          if (cell === price) return priced;
          if (held?.formula) return { formula: held.formula };
          return typeof held?.value === "number" ? held.value : null;
        },
      },
      "Workings",
      answer,
    );
  // Worked apart: 52,000 less 30% after 5 years at 0.575% a month.
  expect(answerAt(52_000)).toBeCloseTo(808.7475062578, 8);
  expect(answerAt(104_000)).toBeCloseTo(2 * 808.7475062578, 8);
});

test("the timeline is saved as SVG and as PNG", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await openSheet(page);
  const svg = await textOf(await saved(page, "SVG"));
  const drawn = await page.evaluate((text) => {
    const read = new DOMParser().parseFromString(text, "image/svg+xml");
    return {
      isSvg: read.documentElement.nodeName === "svg",
      words: [...read.querySelectorAll("text")].map(({ textContent }) => textContent),
      leaning: read.querySelectorAll("[class], [style], foreignObject").length,
    };
  }, svg);
  expect(drawn.isSvg).toBe(true);
  expect(drawn.words).toEqual(
    expect.arrayContaining(["52,000.00", "15,600.00", "808.75", "6.9% a year, compounded monthly"]),
  );
  expect(drawn.leaning).toBe(0);
  const png = await readFile(await (await saved(page, "PNG")).path());
  expect(png.subarray(1, 4).toString()).toBe("PNG");
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([1800, 500]);
});

test("schedule and variants are saved as CSV, and a perpetuity says why it has no schedule", async ({
  moor,
  page,
}) => {
  await moor.openProblem("The delivery van");
  await openSheet(page);
  await expect(page.getByRole("button", { name: "variants as CSV" })).toBeHidden();
  const rows = (await textOf(await saved(page, "schedule as CSV"))).trim().split("\r\n");
  expect(rows).toHaveLength(61);
  expect(rows[1]).toBe(
    "1,0.08333333333333,52000,299,0,808.7475062578,509.7475062578,51490.25249374",
  );
  await page.getByRole("tab", { name: "Variants" }).click();
  await page.getByRole("button", { name: "Suggested changes" }).click();
  await chooseFromMenu(page, /percentage point/);
  await openSheet(page);
  const variants = await textOf(await saved(page, "variants as CSV"));
  expect(variants).toMatch(/^"","This problem",/);
  expect(variants).toContain('"Answer",808.7475062578,');
  await moor.openProblem("A perpetual prize");
  await openSheet(page);
  await page.getByRole("button", { name: "schedule as CSV" }).click();
  await expect(page.getByText("A perpetuity has no last row.")).toBeVisible();
});
