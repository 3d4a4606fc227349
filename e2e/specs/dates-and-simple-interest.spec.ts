import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

test.describe("simple interest and discount, typed as they are said", () => {
  test("the words beside the figure choose the quotation, and the workings are the textbook's", async ({
    moor,
    page,
  }) => {
    await moor.startProblem("A single amount");
    await moor.type(moor.amount(0), "4500");
    await moor.type(page.getByLabel("When").nth(1), "9 months");
    await moor.type(moor.rate, "8% simple interest");
    await page.keyboard.press("Tab");
    // 4,500 × (1 + 0.08 × 0.75)
    await moor.expectAnswer("4,770.00");
    await expect(page.getByLabel("Quotation of the rate")).toHaveValue("simple");
    await expect(moor.workings).toContainText("9 months is 0.75");
    await expect(page.getByText("Effective annual rate")).toHaveCount(0);
    await moor.type(moor.rate, "8% bank discount");
    await page.keyboard.press("Tab");
    // 4,500 ÷ (1 − 0.08 × 0.75)
    await moor.expectAnswer("4,787.23");
  });

  test("a bare discount rate is asked back, and a discount of everything says so", async ({
    moor,
    page,
  }) => {
    await moor.startProblem("A single amount");
    await moor.type(moor.amount(0), "4500");
    await moor.type(page.getByLabel("When").nth(1), "2 years");
    await moor.type(moor.rate, "discount rate 6%");
    await page.keyboard.press("Tab");
    await expect(page.getByText(/has several meanings/)).toBeVisible();
    await moor.type(moor.rate, "60% bank discount");
    await page.keyboard.press("Tab");
    await expect(page.getByText(/the discount takes the whole amount/)).toBeVisible();
    await expect(moor.amount(0)).toHaveValue("4500");
  });
});

test("a rate to find is nominal or effective, as the course asks for it", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.howLong(0), "8 years");
  await moor.type(moor.amount(1), "1200");
  await moor.type(moor.rate, "?");
  await moor.expectAnswer("7.6382%");
  await page.getByRole("button", { name: "Conventions" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toContainText("7.6382% here; 7.9114% with a rate that is effective");
  await dialog.getByLabel("A rate to find").selectOption("effective");
  await page.keyboard.press("Escape");
  await moor.expectAnswer("7.9114%");
  await expect(page.getByLabel("Quotation of the rate")).toHaveValue("effective");
  await moor.type(moor.rate, "? compounded monthly");
  await moor.expectAnswer("7.6382%");
});

test("a payment to find is kept in whole cents, and the final one settles the rest everywhere", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.howLong(0), "8 years");
  await moor.type(moor.rate, "7.4");
  await moor.expectAnswer("1,189.69");
  await page.getByRole("button", { name: "Conventions" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toContainText(
    "Here 1,189.6919; to the nearest cent 1,189.69, the final one 1,189.94; up to the next cent 1,189.70, the final one 1,188.65.",
  );
  await dialog.getByLabel("A payment to find").selectOption("up");
  await page.keyboard.press("Escape");
  await moor.expectAnswer("1,189.70");
  await expect(page.getByText("with a final payment of 1,188.65").first()).toBeVisible();
  // 95 × 1,189.70 + 1,188.65
  await expect(page.getByText("114,210.15").first()).toBeVisible();
  await expect(page.getByText("Round the payment up to the next cent.")).toBeVisible();
  await page.getByRole("tab", { name: "Mark my answer" }).click();
  await moor.type(page.getByRole("tabpanel").getByRole("textbox").first(), "1189.69");
  await expect(page.getByText(/rounded the payment to the nearest cent/)).toBeVisible();
  await page.reload();
  await moor.expectAnswer("1,189.70");
});

test.describe("dates", () => {
  test("days that are typed without a date stand over the year of the course", async ({
    moor,
    page,
  }) => {
    await moor.startProblem("A single amount");
    await moor.type(moor.amount(1), "5000");
    await moor.type(page.getByLabel("When").nth(1), "100 days");
    await moor.type(moor.rate, "8% bank discount");
    await page.keyboard.press("Tab");
    await moor.type(moor.amount(0), "?");
    await expect(page.getByText("100 days of 365: 0.274 years from today")).toBeVisible();
    // 5,000 × (1 − 0.08 × 100/365)
    await moor.expectAnswer("4,890.41");
    await page.getByRole("button", { name: "Conventions" }).click();
    const dialog = page.getByRole("dialog");
    await expect(dialog).toContainText("4,890.41 here; 4,888.89 with actual/360");
    await dialog.getByLabel("Count of days").selectOption("actual/360");
    await page.keyboard.press("Escape");
    await expect(page.getByText("100 days of 360: 0.2778 years from today")).toBeVisible();
    await moor.expectAnswer("4,888.89");
  });

  test("a time may be a date once today has one, and says the days as they are counted", async ({
    moor,
    page,
  }) => {
    await moor.startProblem("Simple interest");
    await moor.type(moor.amount(0), "7300");
    await moor.type(moor.rate, "10");
    const due = page.getByLabel("When").nth(1);
    await moor.type(due, "29 Sep 2027");
    await page.keyboard.press("Tab");
    await expect(page.getByText(/is counted from today, which has no date yet/)).toBeVisible();
    await page.getByRole("button", { name: "Add a line" }).click();
    await chooseFromMenu(page, "A date for today");
    const today = page.getByRole("textbox", { name: "The date of today" });
    await moor.type(today, "31 Feb 2027");
    await page.keyboard.press("Tab");
    await expect(page.getByText("The date 31 Feb 2027 does not exist.")).toBeVisible();
    await moor.type(today, "1 July 2027");
    await page.keyboard.press("Tab");
    await expect(page.getByText("29 September 2027 · 90 days of 365: 0.2466 years")).toBeVisible();
    // 7,300 × (1 + 0.1 × 90/365)
    await moor.expectAnswer("7,480.00");
    await page.getByRole("button", { name: "Conventions" }).click();
    const dialog = page.getByRole("dialog");
    await expect(dialog).toContainText("7,480.00 here; 7,482.50 with actual/360");
    await dialog.getByLabel("Count of days").selectOption("actual/360");
    await page.keyboard.press("Escape");
    await moor.expectAnswer("7,482.50");
    await due.press("ArrowUp");
    await expect(due).toHaveValue("29 October 2027");
    await page.reload();
    await expect(due).toHaveValue("29 October 2027");
    await expect(today).toHaveValue("1 July 2027");
  });

  test("a time before today is drawn before it, and an unknown one is told as past", async ({
    moor,
    page,
  }) => {
    await moor.startProblem("A single amount");
    await moor.type(moor.amount(0), "1000");
    await moor.type(page.getByLabel("When").nth(0), "2 years ago");
    await moor.type(page.getByLabel("When").nth(1), "today");
    await moor.type(moor.rate, "10% effective");
    await page.keyboard.press("Tab");
    await moor.expectAnswer("1,210.00");
    await expect(page.getByRole("region", { name: "Timeline" })).toContainText("2 years ago");
  });
});

test("where today has a date the schedule has dates, and reads them as lines do", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.howLong(0), "3 years");
  await moor.type(moor.rate, "7.4");
  await page.getByRole("tab", { name: "Schedule" }).click();
  const view = page.getByRole("tabpanel");
  await moor.type(page.getByLabel("Payoff time"), "1 March 2028");
  await expect(view).toContainText("Payments have no dates yet.");
  await page.getByRole("button", { name: "Add a line" }).click();
  await chooseFromMenu(page, "A date for today");
  await moor.type(page.getByRole("textbox", { name: "The date of today" }), "15 Jan 2027");
  await page.keyboard.press("Tab");
  // 15 of the 29 days of interest on what is owed after payment 13.
  await expect(view).toContainText("57,297.42, including 181.91 of accrued interest");
  await moor.type(page.getByLabel(/Go to a payment/), "20 Apr 2028");
  await expect(view.getByRole("row", { name: /2028-05-15/ })).toBeVisible();
  await moor.type(page.getByRole("textbox", { name: "Date of the first payment" }), "31 Jan 2027");
  await expect(view.getByRole("row", { name: /2028-04-30/ })).toBeVisible();
});

test("dates and past times are read beside a problem as on its lines", async ({ moor, page }) => {
  await moor.openProblem("The honey note, sold early");
  await page.getByRole("tab", { name: "Value at a date" }).click();
  const focal = page.getByRole("tabpanel").getByRole("textbox", { name: "Focal date" });
  await moor.type(focal, "16 November 2027");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("textbox", { name: "Focal date", exact: true }).first()).toHaveValue(
    "16 November 2027",
  );
  await page.keyboard.press("ControlOrMeta+z");
  await page.getByRole("tab", { name: "Mark my answer" }).click();
  const answer = page.getByRole("tabpanel").getByRole("textbox").first();
  await moor.type(moor.amount(0), "8097.60");
  await moor.type(page.getByLabel("When").nth(1), "?");
  await expect(page.getByRole("region", { name: "Answer", exact: true })).toContainText("2027");
  await moor.type(answer, "16 Nov 2027");
  await expect(page.getByRole("tabpanel")).toContainText("Correct");
});

test.describe("the focal date", () => {
  test("is shown where it matters, and moves with the handle and the keyboard", async ({
    moor,
    page,
  }) => {
    await moor.startProblem("Debts replaced");
    const texts = ["1200", "3m", "2500", "9m", "6m", "9"];
    for (const text of texts) {
      await page.keyboard.type(text);
      await page.keyboard.press("Enter");
    }
    await moor.expectAnswer("3,671.99");
    const focal = page.getByRole("textbox", { name: "Focal date" });
    await expect(focal).toHaveAttribute("placeholder", "6 months");
    const handle = page.getByRole("slider", { name: "Focal date" });
    await handle.focus();
    await handle.press("End");
    // All moved to 9 months: (1,200 × 1.045 + 2,500) ÷ 1.0225
    await expect(focal).toHaveValue("9 months");
    await moor.expectAnswer("3,671.39");
    await moor.type(focal, "today");
    // (1,200 ÷ 1.0225 + 2,500 ÷ 1.0675) × 1.045
    await moor.expectAnswer("3,673.71");
    await page.getByRole("button", { name: "Remove: the focal date" }).click();
    await moor.expectAnswer("3,671.99");
    await page.getByRole("tab", { name: "Mark my answer" }).click();
    await page.getByRole("tabpanel").getByRole("textbox").first().fill("3671.39");
    await expect(page.getByRole("tabpanel")).toContainText(
      "you moved all amounts to 9 months from today",
    );
  });
});
