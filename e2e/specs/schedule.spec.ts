import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import ExcelJS from "exceljs";
import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

async function openSchedule(page: Page) {
  await page.getByRole("tab", { name: "Schedule" }).click();
  const table = page.getByRole("table", { name: "Schedule" });
  await expect(table).toBeVisible();
  return table;
}

test("every payment is listed, in years that open and close by keyboard", async ({
  moor,
  page,
}) => {
  await moor.openProblem("The delivery van");
  const table = await openSchedule(page);
  const first = table.getByRole("row").filter({ hasText: "after 1 month" });
  // 52,000 at 0.575% a month.
  await expect(first).toContainText("52,000.00299.00808.75509.7551,490.25");
  await expect(table.getByRole("row").filter({ hasText: "Total" })).toContainText("12,124.85");
  const second = table.getByRole("button", { name: "Year 2" });
  await second.focus();
  await page.keyboard.press("Enter");
  await expect(second).toHaveAttribute("aria-expanded", "true");
  await page.getByRole("button", { name: "Years only" }).click();
  await expect(table.getByRole("row")).toHaveCount(7);
});

test("a payment, a time, a date and a balance can be found", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  const table = await openSchedule(page);
  const where = page.getByRole("textbox", { name: /^Go to a payment/ });
  const shows = async (typed: string, row: string) => {
    await moor.type(where, typed);
    await expect(table.getByRole("row").filter({ hasText: row })).toBeInViewport();
  };
  await shows("below 30,000", "after 3 years 3 months");
  await shows("60", "after 5 years");
  await moor.type(where, "61");
  await expect(page.getByText("Type a payment from 1 to 60.")).toBeVisible();
  await moor.type(page.getByRole("textbox", { name: "Date of the first payment" }), "2027-01-31");
  await shows("2029-02-10", "2029-02-28");
  await moor.type(page.getByRole("textbox", { name: "Date of the first payment" }), "2027-02-30");
  await expect(page.getByText("The date 2027-02-30 does not exist.")).toBeVisible();
  await moor.type(page.getByRole("textbox", { name: "Date of the first payment" }), "soon");
  await expect(page.getByText("Type a calendar date")).toBeVisible();
});

test("rounded to cents it gives the final payment; periods and days are answered", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan repayments");
  // The first case of the reference.
  await moor.type(moor.amount(0), "214650");
  await moor.type(moor.rate, "4.5% a year compounded daily");
  await moor.type(moor.howLong(0), "127 payments");
  await openSchedule(page);
  await page
    .getByRole("combobox", { name: "Rounding" })
    .selectOption("rounded to the cent (as a lender does)");
  const panel = page.getByRole("tabpanel");
  await expect(panel).toContainText("The final payment of 2,128.65 clears the difference.");
  await expect(panel).toContainText("55,658.31");
  await moor.type(page.getByRole("textbox", { name: "First payment of the period" }), "126");
  await moor.type(page.getByRole("textbox", { name: "Last payment of the period" }), "127");
  await expect(panel).toContainText("interest 23.87, principal 4,233.19, paid 4,257.06");
  await moor.type(page.getByRole("textbox", { name: "Last payment of the period" }), "128");
  await expect(panel).toContainText("Type two payment numbers, from 1 to 127.");
  await moor.type(page.getByRole("textbox", { name: "Payoff time" }), "2 months");
  await expect(panel).toContainText("212,001.01");
});

test("dragging over the balance asks about the payments in between", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await openSchedule(page);
  const picture = page.getByRole("img", { name: /^Balance by payment/ });
  await picture.scrollIntoViewIfNeeded();
  const box = await picture.boundingBox();
  if (box === null) throw new Error("There is a picture");
  const at = (share: number) => [box.x + share * box.width, box.y + box.height / 2] as const;
  await page.mouse.move(...at(0.4));
  await page.mouse.down();
  await page.mouse.move(...at(0.5), { steps: 4 });
  await page.mouse.move(...at(0.7), { steps: 4 });
  await page.mouse.up();
  const ends = ["First", "Last"].map((end) =>
    page.getByRole("textbox", { name: `${end} payment of the period` }),
  );
  const [from, to] = await Promise.all(ends.map(async (end) => Number(await end.inputValue())));
  expect(from).toBeGreaterThan(10);
  expect(to).toBeGreaterThan((from ?? NaN) + 10);
  expect(to).toBeLessThan(60);
});

test("savings are shown as deposits and interest", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  const table = await openSchedule(page);
  await expect(table).toContainText("Closing balance");
  await expect(page.getByRole("img", { name: /^Balance by payment/ })).toBeVisible();
  await moor.openProblem("Extractor fund");
  await expect(page.getByRole("tab", { name: "Workings" })).toBeVisible();
  await expect(page.getByRole("tab", { name: "Schedule" })).toHaveCount(0);
});

test("it is saved as CSV with its dates", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await openSchedule(page);
  await moor.type(page.getByRole("textbox", { name: "Date of the first payment" }), "2027-01-31");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as CSV" }).click();
  const lines = (await readFile(await (await download).path(), "utf8")).trim().split("\r\n");
  expect(lines).toHaveLength(61);
  expect(lines[2]).toMatch(/^2,"2027-02-28",0\.1666666666667,51490\.25/);
});

test("ten thousand rows are all there, and few of them on the page", async ({ moor, page }) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "240000");
  await moor.type(moor.rate, "4.9% a year compounded daily");
  await moor.type(page.getByRole("textbox", { name: "Payment frequency" }), "day");
  await moor.type(moor.howLong(0), "30 years");
  const table = await openSchedule(page);
  await page.getByRole("button", { name: "Expand all years" }).click();
  await expect(table).toHaveAttribute("aria-rowcount", String(10_950 + 30 + 2));
  expect(await table.getByRole("row").count()).toBeLessThan(120);
  await moor.type(page.getByRole("textbox", { name: /^Go to a payment/ }), "10950");
  await expect(table.getByRole("row").filter({ hasText: "after 30 years" })).toBeInViewport();
});

test.describe("changes", () => {
  test.beforeEach(async ({ moor, page }) => {
    await moor.openProblem("The barn-roof mortgage");
    await page.getByRole("tab", { name: "Schedule" }).click();
    await expect(page.getByRole("table", { name: "Schedule" })).toBeVisible();
  });

  const add = async (page: Page, name: string) => {
    await page.getByRole("button", { name: "Add a change" }).click();
    await chooseFromMenu(page, name);
    await expect(page.getByRole("group", { name: "Changes" }).locator("input:focus")).toBeVisible();
  };

  test("are typed as lines, show what they save, are kept, and are undone", async ({
    moor,
    page,
  }) => {
    const compared = page.getByRole("table", { name: "With the changes and without" });
    await add(page, "Extra payment");
    await page.keyboard.type("150");
    await expect(compared).toContainText("Payments300");
    const saved = page.getByText(/^The changes save .* of interest and end the loan \d+ payments/);
    await expect(saved).toBeVisible();
    await expect(page.getByRole("columnheader", { name: "Extra" })).toBeVisible();

    await add(page, "Upfront fee");
    await page.keyboard.type("900");
    await expect(compared).toContainText("Total paid, with the fee");
    await page.getByRole("combobox", { name: "How the fee is paid" }).selectOption("added");
    // 184,900 instead of 184,000 owed.
    await expect(compared.getByRole("row", { name: /^Payment 1,0/ })).toContainText("1,044.11");

    await moor.expectSaved();
    await page.reload();
    await page.getByRole("tab", { name: "Schedule" }).click();
    await expect(page.getByRole("textbox", { name: "Extra amount", exact: true })).toHaveValue(
      "150",
    );
    await page.getByRole("button", { name: "Remove: Extra payment" }).click();
    await expect(page.getByRole("textbox", { name: "Extra amount", exact: true })).toHaveCount(0);
    await page.keyboard.press("Control+z");
    await expect(page.getByRole("textbox", { name: "Extra amount", exact: true })).toHaveValue(
      "150",
    );
  });

  test("that are impossible say why on their line, and the others apply", async ({ page }) => {
    await add(page, "Payment holiday");
    await page.keyboard.type("half a year");
    await expect(page.getByText("= 6 payments")).toBeVisible();
    await add(page, "Interest-only period");
    await page.keyboard.type("2");
    const second = page.getByRole("listitem", { name: "Interest-only period" });
    await expect(second).toContainText("Payments 1 to 2 are already skipped or interest-only.");
    await expect(page.getByText(/^The changes add .* of interest/)).toBeVisible();
    await add(page, "Balloon payment");
    await page.keyboard.type("999,999");
    await expect(page.getByText("Even with no payments")).toBeVisible();
    await add(page, "Rate change");
    await page.keyboard.type("?");
    await page.keyboard.press("Tab");
    await expect(page.getByText("This cannot be the unknown")).toBeVisible();
  });

  test("that bring the payment below the interest leave the original schedule", async ({
    page,
  }) => {
    await add(page, "Rate change");
    await page.keyboard.type("24%");
    await page.keyboard.press("Enter");
    await page.keyboard.type("year 2");
    await page.getByRole("combobox", { name: "Effect on the payments" }).selectOption("kept");
    await expect(page.getByText(/no longer covers the interest of/)).toBeVisible();
    await expect(page.getByRole("table", { name: "Schedule" })).toContainText("184,000.00");
  });
});

test.describe("a schedule is saved", () => {
  test("as a workbook with formulas, and as CSV with extra payments", async ({ moor, page }) => {
    await moor.openProblem("The delivery van");
    await openSchedule(page);
    const saved = async (name: string) => {
      const [download] = await Promise.all([
        page.waitForEvent("download"),
        page.getByRole("button", { name }).click(),
      ]);
      return download;
    };
    const file = await saved("Save as workbook");
    expect(file.suggestedFilename()).toBe("the-delivery-van-schedule.xlsx");
    const book = new ExcelJS.Workbook();
    await book.xlsx.readFile(await file.path());
    const sheet = book.getWorksheet("Schedule");
    const rows = sheet?.getSheetValues() ?? [];
    const heads = rows.findIndex((row) => Array.isArray(row) && row[2] === "Time");
    const first = sheet?.getRow(heads + 1);
    // 52,000 at 0.575% a month.
    expect(first?.getCell(4).value).toMatchObject({ formula: expect.stringContaining("C") });
    expect(first?.getCell(4).result).toBeCloseTo(299, 6);
    expect(sheet?.getRow(heads + 60).getCell(7).result).toBeCloseTo(15_600, 4);
  });

  test("on paper: every row, and nothing else of the page", async ({ moor, page }) => {
    await moor.openProblem("The delivery van");
    await openSchedule(page);
    await page.evaluate(() => {
      // The dialog of the browser would wait for somebody.
      window.print = () => document.body.setAttribute("data-printed", "");
    });
    await page.getByRole("button", { name: "Print", exact: true }).click();
    await expect(page.locator("body[data-printed]")).toBeAttached();
    await page.emulateMedia({ media: "print" });
    const paper = page.getByRole("region", { name: "Printed schedule" });
    await expect(paper.getByRole("row")).toHaveCount(1 + 60 + 5 + 1);
    await expect(paper).toContainText("after 5 years");
    await expect(moor.answer).toBeHidden();
    await page.emulateMedia({ media: "screen" });
    await page.evaluate(() => dispatchEvent(new Event("afterprint")));
    await expect(paper).toHaveCount(0);
    await expect(moor.answer).toBeVisible();
  });
});

test.describe("actual payments are compared with a schedule", () => {
  const payments = (name: string, text: string) => ({
    name,
    mimeType: "text/csv",
    buffer: Buffer.from(text),
  });

  test("a file is read with a preview, its bad rows are named, and the differences shown", async ({
    moor,
    page,
  }) => {
    await moor.openProblem("The delivery van");
    await openSchedule(page);
    const picker = page.getByLabel("File of payments");
    await picker.setInputFiles(
      payments(
        "bank.csv",
        "\uFEFFDatum;Betrag\r\n31.01.2027;808,75\r\n28.02.2027;700,00\r\n30.02.2027;808,75\r\n31.03.2027;=1+1\r\n",
      ),
    );
    const real = page.getByRole("region", { name: "Actual payments", exact: true });
    await expect(real.getByRole("combobox", { name: "Column separator" })).toHaveValue(";");
    await expect(real.getByRole("combobox", { name: "Decimal mark" })).toHaveValue("comma");
    await expect(real).toContainText("Type the date of the first payment above");
    await page.getByRole("textbox", { name: "Date of the first payment" }).fill("2027-01-31");
    await expect(
      real.getByRole("list", { name: "Rows that could not be read" }).getByRole("listitem"),
    ).toHaveText([
      "Row 4: “30.02.2027” is not a date in that order.",
      "Row 5: “=1+1” is not an amount.",
    ]);
    await expect(real.getByRole("status")).toContainText(
      "Paid up to payment 2: 1,508.75 instead of 1,617.50.",
    );
    await expect(real.getByRole("row", { name: /^2 2027-02-28/ })).toContainText("−108.75");
  });

  test("a pasted list is compared, and is there again after a reload", async ({ moor, page }) => {
    await moor.openProblem("The delivery van");
    await openSchedule(page);
    const real = page.getByRole("region", { name: "Actual payments", exact: true });
    const list = real.getByRole("textbox", { name: "Actual payments, one on each line" });
    await list.fill("31.01.2027 808.75\n28.02.2027 700.00");
    await page.getByRole("textbox", { name: "Date of the first payment" }).fill("2027-01-31");
    await expect(real.getByRole("status")).toContainText(
      "Paid up to payment 2: 1,508.75 instead of 1,617.50.",
    );
    await moor.expectSaved();
    await page.reload();
    await expect(real.getByRole("status")).toContainText("1,508.75 instead of 1,617.50.");
    await list.fill("808.75; 808.75; 700");
    await expect(real.getByRole("status")).toContainText(
      "Paid up to payment 3: 2,317.50 instead of 2,426.24.",
    );
    await real.getByRole("button", { name: "Remove the list" }).click();
    await expect(real.getByRole("status")).toBeHidden();
    await expect(list).toHaveValue("");
    await page.keyboard.press("Control+z");
    await expect(list).toHaveValue("808.75; 808.75; 700");
  });

  test("a list too long to save is compared all the same, and says so", async ({ moor, page }) => {
    await moor.openProblem("The delivery van");
    await openSchedule(page);
    const rows = "808.75,a line of a statement with many words\n".repeat(3000);
    await page.getByLabel("File of payments").setInputFiles(payments("long.csv", rows));
    const real = page.getByRole("region", { name: "Actual payments", exact: true });
    await expect(real).toContainText("“long.csv” is too long to save with this problem");
    await expect(real.getByRole("status")).toContainText("Paid up to payment 60");
  });

  test("a file without payments gets a message, and the schedule stays", async ({ moor, page }) => {
    await moor.openProblem("The delivery van");
    const table = await openSchedule(page);
    const picker = page.getByLabel("File of payments");
    await picker.setInputFiles({ ...payments("photo.csv", ""), buffer: Buffer.from([1, 0, 2, 0]) });
    await expect(page.getByText("“photo.csv” is not a text file.")).toBeVisible();
    await picker.setInputFiles(payments("empty.csv", " \n"));
    await expect(page.getByText("This file is empty.")).toBeVisible();
    await picker.setInputFiles(payments("words.csv", "a,b\nc,d\n"));
    await expect(page.getByText("This is not a list of payments.")).toBeVisible();
    await expect(table).toContainText("52,000.00");
  });
});
