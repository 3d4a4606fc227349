import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test, type Moor } from "../support/fixtures";

/** The empty fields in reading order: Enter goes from each to the next. */
type Typed = readonly string[];

async function typeThrough(moor: Moor, texts: Typed): Promise<void> {
  const { keyboard } = moor.page;
  for (const text of texts) {
    await keyboard.type(text);
    await keyboard.press("Enter");
  }
}

/** Keys beyond the digits: letters, signs, and Enter after each field. */
function keysBeyondDigits(texts: Typed): number {
  return texts.reduce((sum, text) => sum + text.replace(/[\d.,]/g, "").length + 1, 0);
}

test.describe("each problem type is filled in by keyboard only, in the order of its question", () => {
  const shapes: [string, Typed, string][] = [
    ["A single amount", ["4500", "3y 4m", "3.15"], "4,990.11"],
    ["Regular saving", ["140", "3y 4m", "3"], "5,881.85"],
    ["Value of payments", ["1200", "8y", "6"], "7,451.75"],
    ["Drawing down", ["86000", "8y", "7.4"], "1,189.69"],
    ["Loan repayments", ["86000", "8y", "7.4"], "1,189.69"],
    ["Savings goal", ["2000", "140", "3y 4m", "3"], "8,091.91"],
    ["Loan with a balloon", ["86000", "8y", "30% of loan", "7.4"], "991.88"],
    ["Growing payments", ["1200", "10y", "4%", "6"], "10,406.36"],
    ["Deferred payments", ["1200", "6y", "4y", "6"], "4,673.98"],
    ["Save, then spend", ["140", "10y", "5y", "3"], "351.54"],
    ["Perpetuity", ["1200", "6"], "20,000.00"],
    ["A rate that changes", ["4500", "6y", "4", "7", "3y"], "6,201.03"],
    ["Uneven cash flows", ["out 1000; 400 x 2; 450", "6"], "111.19"],
    ["Several amounts", ["400", "2y", "600", "5y", "5"], "832.93"],
    ["Simple interest", ["4500", "9m", "8"], "4,770.00"],
    ["Debts replaced", ["1200", "3m", "2500", "9m", "6m", "9"], "3,671.99"],
  ];
  for (const [shape, texts, answer] of shapes) {
    // Worked out independently, from the textbook's formulas.
    test(shape, async ({ moor }) => {
      await moor.startProblem(shape);
      await expect(moor.page.locator("[data-field]:focus")).toHaveValue("");
      await typeThrough(moor, texts);
      await moor.expectAnswer(answer);
    });
  }

  test("with 10 keys beyond the digits, or fewer", () => {
    const counts = shapes.map(([, texts]) => keysBeyondDigits(texts));
    const median = counts.sort((one, other) => one - other)[Math.floor(counts.length / 2)];
    expect(median).toBeLessThanOrEqual(10);
  });
});

/** 86,000 lent at 7.4% a year compounded monthly, paid back over 8 years. */
async function payBackTheExtractor(moor: Moor): Promise<void> {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.howLong(0), "8y");
  await moor.type(moor.rate, "7.4");
}

test("a number of monthly payments without a unit gets a question, and nothing is lost", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.howLong(0), "20");
  await moor.type(moor.rate, "7.4");
  await expect(page.getByText("Is that 20 monthly payments, or 20 years?")).toBeVisible();
  await expect(moor.howLong(0)).toHaveValue("20");
  await moor.type(moor.howLong(0), "20 years");
  await moor.expectAnswer("687.56");
  await expect(page.getByText("240 payments · 0.6167% per month")).toBeVisible();
});

test("an amount given by another follows it; an unknown name gets a message", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan with a balloon");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.howLong(0), "8y");
  await moor.type(moor.amount(2), "30% of the house");
  await moor.type(moor.rate, "7.4");
  await expect(page.getByText("No line is called “the house”.")).toBeVisible();
  await moor.type(moor.amount(2), "30% of the loan");
  await moor.expectAnswer("991.88");
  await expect(page.getByText("30% of the loan = 25,800.00")).toBeVisible();
  await moor.type(moor.amount(0), "43000");
  await expect(page.getByText("30% of the loan = 12,900.00")).toBeVisible();
});

test("the unknown moves through every field of payments, and each old value comes back", async ({
  moor,
}) => {
  await payBackTheExtractor(moor);
  await moor.expectAnswer("1,189.69");
  for (const [field, answer] of [
    [moor.howLong(0), "96"],
    [moor.rate, /^7\.4/],
    [moor.amount(0), "86,000.00"],
    [moor.amount(1), "1,189.69"],
  ] as const) {
    await field.click();
    await field.pressSequentially("?");
    await moor.expectAnswer(answer);
  }
});

test("payments begin to grow from the line's own menu; undo makes them level again", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Regular saving");
  await moor.type(moor.amount(0), "1000");
  await moor.type(moor.howLong(0), "3 payments");
  await moor.type(page.getByRole("textbox", { name: "Payment frequency" }), "year");
  await moor.type(moor.rate, "0");
  await moor.expectAnswer("3,000.00");
  await page.getByRole("button", { name: /^More for: Repeated money out/ }).click();
  await chooseFromMenu(page, "Add growth");
  await moor.type(page.getByRole("textbox", { name: /^Growth, as a percentage/ }), "10%");
  // 1000, 1100, 1210.
  await moor.expectAnswer("3,310.00");
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await moor.expectAnswer("3,000.00");
});

test("a pasted column becomes amounts; an entry that is not an amount is named by its place", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Uneven cash flows");
  const amounts = page.getByRole("textbox", { name: /^Amounts in order/ });
  await amounts.fill("Cash flow\n-1,000\n$400\n(50)");
  await moor.type(moor.rate, "0");
  await expect(page.getByText("Cannot read amount 1, “Cash flow”.")).toBeVisible();
  await amounts.fill("-1,000\n$400\n(50)\n");
  await moor.expectAnswer("−650.00");
  await expect(moor.answer).toContainText("The net present value is");
  await expect(page.getByText("3 amounts · 1,050.00 out · 400.00 in")).toBeVisible();
});

test("a screen reader reads the payments of the timeline in sentences", async ({ moor, page }) => {
  await payBackTheExtractor(moor);
  await moor.expectAnswer("1,189.69");
  const told = page.getByRole("list", { name: "Cash flows on the timeline" });
  await expect(told).toContainText(
    "Money out: 96 payments of 1,189.69 (the unknown), one every month, from 1 month to 8 years, Repayments",
  );
});

test("lines are copied, moved and removed by the keyboard", async ({ moor, page }) => {
  await moor.startProblem("A single amount");
  await moor.type(moor.amount(0), "100");
  const menu = page.getByRole("button", { name: "More for: Money out, Invested" });
  await menu.focus();
  await page.keyboard.press("Enter");
  await page.getByRole("menuitem", { name: "Duplicate" }).press("Enter");
  await expect(moor.amount(1)).toBeFocused();
  await expect(moor.amount(1)).toHaveValue("100");
  await page
    .getByRole("button", { name: /^Remove: Money out, Invested/ })
    .first()
    .press("Enter");
  await expect(moor.amount(1)).toHaveValue("?");
});
