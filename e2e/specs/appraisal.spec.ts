import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { expect, test } from "../support/fixtures";

const amountsOf = (page: Page) => page.getByRole("textbox", { name: /^Amounts in order/ });
const measures = (page: Page) => page.getByRole("list", { name: "What each measure means" });
const measure = (page: Page, name: string) =>
  measures(page)
    .getByRole("listitem")
    .filter({ has: page.getByRole("button", { name, exact: true }) });

test.describe("a project is appraised", () => {
  test.beforeEach(async ({ moor, page }) => {
    await moor.openProblem("The wax workshop");
    await page.getByRole("tab", { name: "Appraisal" }).click();
    await expect(measures(page)).toBeVisible();
  });

  test("by every measure, each with a sentence and its workings", async ({ page }) => {
    await expect(measure(page, "Net present value")).toContainText("1,566.85");
    await expect(measure(page, "Internal rate of return")).toContainText("9.1883%");
    await expect(measure(page, "Modified internal rate of return")).toContainText(
      "With inflows reinvested at 5%",
    );
    await expect(measure(page, "Payback period")).toContainText("3.7857 years");
    await expect(measure(page, "Profitability index")).toContainText("1.0326");
    await page.getByRole("button", { name: "Net present value", exact: true }).click();
    const workings = page.getByRole("list", { name: "Workings: net present value" });
    await expect(workings).toContainText("it is not discounted");
    await expect(workings.locator("math").first()).toBeAttached();
    await page.getByRole("tab", { name: "Hand in" }).click();
    const sheet = page.getByRole("article", { name: "Hand-in sheet" });
    await expect(sheet.getByRole("heading", { name: "Net present value" })).toBeVisible();
  });

  test("with a student's value marked", async ({ page }) => {
    await page.getByRole("button", { name: "Net present value", exact: true }).click();
    const own = page.getByRole("textbox", { name: "Your answer: net present value" });
    await own.fill("1,450.79");
    await expect(measures(page)).toContainText("including the first");
    await own.fill("1,566.85");
    await expect(measures(page)).toContainText("Correct.");
  });

  test("the hurdle rate is typed, dragged, moved by keys, kept and undone", async ({
    moor,
    page,
  }) => {
    const hurdle = page.getByRole("textbox", { name: "Hurdle rate, a year" });
    await hurdle.fill("10%");
    await expect(measure(page, "Net present value")).toContainText(
      "earns less than the hurdle rate",
    );
    const handle = page.getByRole("slider", { name: "Hurdle rate" });
    await handle.focus();
    await page.keyboard.press("PageDown");
    await expect(hurdle).toHaveValue("9%");
    await page.keyboard.press("ArrowRight");
    await expect(hurdle).toHaveValue("9.25%");
    const box = await handle.boundingBox();
    if (box === null) throw new Error("The handle is there");
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 40, y, { steps: 4 });
    await page.mouse.move(x - 90, y, { steps: 4 });
    await page.mouse.up();
    await expect(hurdle).not.toHaveValue("9.25%");
    const dragged = Number.parseFloat(await hurdle.inputValue());
    expect(dragged).toBeLessThan(9);
    await moor.expectSaved();
    await page.reload();
    await expect(hurdle).toHaveValue(`${dragged}%`);
    await page.getByRole("button", { name: /^Use the problem's rate/ }).click();
    await expect(hurdle).toHaveValue("");
  });

  test("date by date, with labels, and saved as CSV", async ({ page }) => {
    await amountsOf(page).fill('out 48,000 "press"; 9,000; 14,000 x 3 "candles"; 11,500');
    const table = page.getByRole("region", { name: "Cash flows by date" });
    await expect(
      table.getByRole("row", { name: /^today press −48,000\.00 1\.000000/ }),
    ).toBeVisible();
    await expect(
      table.getByRole("row", { name: /^4 years candles .* recovered 3,000\.00/ }),
    ).toBeVisible();
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as CSV" }).click();
    const file = await readFile(await (await download).path(), "utf8");
    expect(file).toContain('1,"",9000,0.9259259259259');
  });

  test("an error gets a message, and nothing is lost", async ({ page }) => {
    const hurdle = page.getByRole("textbox", { name: "Hurdle rate, a year" });
    await hurdle.fill("-100%");
    await hurdle.blur();
    await expect(page.getByText(/rate .*−100/)).toBeVisible();
    await expect(measure(page, "Net present value")).toContainText("1,566.85");
    await amountsOf(page).fill("out 48,000; some; 9,000");
    await amountsOf(page).blur();
    await expect(page.getByText("Cannot read amount 2, “some”")).toBeVisible();
    await expect(page.getByText("When every line is complete")).toBeVisible();
    await amountsOf(page).fill("48,000; 9,000");
    await expect(measure(page, "Internal rate of return")).toContainText("Money only comes in");
    await amountsOf(page).fill("out 48,000;");
    await expect(measure(page, "Equivalent annual annuity")).toContainText(
      "a life longer than zero",
    );
    await amountsOf(page).fill(
      Array.from({ length: 51 }, (_, index) => (index % 2 === 0 ? "out 100" : "103")).join("; "),
    );
    await expect(measure(page, "Net present value")).toContainText(/(adds|loses) value of [\d.,]+/);
  });
});

test("several internal rates are all on the curve, with the reason", async ({ moor, page }) => {
  await moor.openProblem("The peat pit");
  await page.getByRole("tab", { name: "Appraisal" }).click();
  await expect(page.getByText("Type a hurdle rate to discount the cash flows")).toBeVisible();
  await expect(measure(page, "Internal rate of return")).toContainText("10%; 20%; 30%");
  await expect(measure(page, "Internal rate of return")).toContainText("change sign 3 times");
  await expect(page.getByRole("img", { name: /is zero at 10%, 20%, 30%/ })).toBeVisible();
});

test("a thousand pasted amounts with their labels, and a table of several columns", async ({
  moor,
  page,
}) => {
  await moor.openProblem("The wax workshop");
  await page.getByRole("tab", { name: "Appraisal" }).click();
  const paste = (text: string) =>
    amountsOf(page).evaluate((field, pasted) => {
      if (!(field instanceof HTMLTextAreaElement)) return;
      field.focus();
      field.select();
      const clipboardData = new DataTransfer();
      clipboardData.setData("text/plain", pasted);
      field.dispatchEvent(
        new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }),
      );
    }, text);
  const rows = Array.from(
    { length: 1000 },
    (_, month) => `${month}\t${month === 0 ? -60_000 : 90}`,
  );
  await paste(`Year\tFlow\n${rows.join("\n")}`);
  await expect(page.getByText("1,000 cash flows, discounted")).toBeVisible();
  await expect(
    page.getByRole("region", { name: "Cash flows by date" }).getByRole("row"),
  ).not.toHaveCount(1001);
  await paste("Year\tPress\tShed\n0\t-500\t-900\n1\t600\t700");
  await expect(page.getByText("more than one column of amounts; the last was used")).toBeVisible();
  await expect(amountsOf(page)).toHaveValue("-900; 700");
});

test("amounts come from a file; a wrong file gets a message and changes nothing", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Candles, on calendar dates");
  const entries = page.getByRole("textbox", { name: /^Dates and amounts/ });
  const before = await entries.inputValue();
  const picker = page.getByLabel("File of amounts");
  const file = (text: string) => ({
    name: "candles.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(text),
  });
  await picker.setInputFiles(file("Date;Amount\nsoon;5\n"));
  await expect(page.getByText("The first column has no dates")).toBeVisible();
  await expect(entries).toHaveValue(before);
  await picker.setInputFiles(
    file("Date,For,Amount\n2027-01-01,press,-500\n2028-06-01,candles,640.50\n"),
  );
  await expect(entries).toHaveValue('2027-01-01 -500 "press"; 2028-06-01 640.50 "candles"');
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(entries).toHaveValue(before);
});

test.describe("projects are compared", () => {
  test.beforeEach(async ({ moor, page }) => {
    await moor.openProblem("The wax workshop");
    await page.getByRole("tab", { name: "Compare projects" }).click();
    await expect(page.getByRole("region", { name: "Projects compared" })).toBeVisible();
  });

  test("by each measure, with crossovers, increments and a budget", async ({ page }) => {
    const row = page.getByRole("row", { name: /^Net present value/ });
    await expect(row.getByRole("cell").nth(3)).toContainText("1st");
    const verdicts = page.getByRole("list", { name: "Which project to choose" });
    await expect(verdicts).toContainText("mutually exclusive, choose Bottling line");
    await expect(verdicts).toContainText("Their lives differ");
    await expect(
      page.getByText("choose Weather mast and Bottling line: outlay 69,000.00"),
    ).toBeVisible();
    await page.getByRole("textbox", { name: "Budget" }).fill("30,000");
    await expect(
      page.getByText("choose Candle room and Weather mast: outlay 30,000.00"),
    ).toBeVisible();
    const crossings = page.getByRole("region", { name: "Crossover rates" });
    await expect(
      crossings.getByRole("row", {
        name: "The wax workshop and Bottling line 24.9831% −15,157.35",
      }),
    ).toBeVisible();
  });

  test("another is added, mistyped, corrected, kept and removed", async ({ moor, page }) => {
    await page.getByRole("button", { name: "Add a project" }).click();
    const amounts = page.getByRole("textbox", { name: /^Amounts of Project 5/ });
    await expect(amounts).toBeFocused();
    await page.keyboard.type("out 5,000; quite a lot");
    await page.keyboard.press("Tab");
    await expect(page.getByText("Cannot read amount 2, “quite a lot”")).toBeVisible();
    await expect(page.getByRole("columnheader", { name: "Project 5" })).toHaveCount(0);
    await amounts.fill("out 5,000; 9,900");
    await expect(page.getByRole("columnheader", { name: "Project 5" })).toBeVisible();
    await moor.expectSaved();
    await page.reload();
    await expect(amounts).toHaveValue("out 5,000; 9,900");
    await page.getByRole("button", { name: "Remove Project 5" }).click();
    await expect(amounts).toHaveCount(0);
    await page.keyboard.press("Control+z");
    await expect(amounts).toHaveValue("out 5,000; 9,900");
  });
});
