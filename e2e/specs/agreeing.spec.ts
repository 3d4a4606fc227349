import { expect, test } from "../support/fixtures";

test("what was typed comes back to the letter when the unknown moves on", async ({ moor }) => {
  await moor.startProblem("Loan repayments");
  await moor.typeKeyByKey(moor.amount(0), "64,000");
  await moor.typeKeyByKey(moor.howLong(0), "5y");
  await moor.typeKeyByKey(moor.rate, "9.6 %");
  const payment = moor.amount(1);
  for (const field of [moor.amount(0), moor.howLong(0), moor.rate, payment]) {
    await field.click();
    await field.press("ControlOrMeta+a");
    await field.pressSequentially("?");
    await expect(field).toHaveValue("?");
  }
  await expect(moor.amount(0)).toHaveValue("64,000");
  await expect(moor.howLong(0)).toHaveValue("5y");
  await expect(moor.rate).toHaveValue("9.6 %");
});

test("a figure that is kept says that it has all its digits", async ({ moor, page }) => {
  await moor.openProblem("A honey extractor on credit");
  await moor.rate.click();
  await moor.rate.pressSequentially("?");
  await expect(moor.amount(1)).toHaveValue(/^1,189\.6919\d+$/);
  await expect(page.getByText("1,189.69, kept with all its digits")).toBeVisible();
  await moor.expectAnswer("7.4%");
});

test("interest alone reaches a goal, and every view says so", async ({ moor, page }) => {
  await moor.startProblem("Regular saving");
  await moor.typeKeyByKey(moor.amount(1), "250000");
  await moor.typeKeyByKey(moor.amount(0), "200");
  await moor.typeKeyByKey(moor.rate, "6%");
  await moor.howLong(0).click();
  await moor.howLong(0).pressSequentially("?");
  await moor.expectAnswer("397.19");
  await expect(moor.answer).toContainText(
    "397 full payments, then interest alone reaches the goal after 33 years 1 month 6 days",
  );
  await expect(moor.answer).toContainText("Total money out79,400.00");
  await expect(moor.workings.getByRole("listitem").last()).toContainText("interest alone");
  await page.getByRole("tab", { name: "Schedule" }).click();
  await expect(page.getByRole("tabpanel")).toContainText("Total deposited79,400.00");
  await page.getByRole("tab", { name: "Proof" }).click();
  await expect(page.getByRole("tabpanel")).toContainText("0.00");
});

test("a bare decimal is asked about, and the line does not answer for the student", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Drawing down");
  const line = page.getByRole("listitem").filter({ has: moor.rate });
  await moor.typeKeyByKey(moor.rate, "11");
  await expect(line).toContainText("% a year");
  await moor.typeKeyByKey(moor.rate, "0.11");
  await expect(page.getByText("Is that 0.11% or 11%?")).toBeVisible();
  await expect(line).not.toContainText("% a year");
});

test("the page says once, while something is missing, that Enter goes to the next empty field", async ({
  moor,
  page,
}) => {
  const tip = page.getByText("Enter goes to the next empty field.");
  await moor.openProblem("Extractor fund");
  await expect(tip).toBeHidden();
  await moor.startProblem("A single amount");
  await expect(tip).toBeVisible();
  await page.keyboard.type("1000");
  await page.keyboard.press("Enter");
  await expect(moor.when(1)).toBeFocused();
  await expect(tip).toBeHidden();
  await page.reload();
  await expect(moor.rate).toBeVisible();
  await expect(tip).toBeHidden();
});

test("a residual that comes in is asked about, and one click turns it", async ({ moor, page }) => {
  await moor.startProblem("Loan with a balloon");
  await moor.typeKeyByKey(moor.amount(0), "64000");
  await moor.typeKeyByKey(moor.howLong(0), "5 years");
  await moor.typeKeyByKey(moor.rate, "9.6%");
  await moor.typeKeyByKey(moor.amount(2), "21000");
  await page.getByRole("button", { name: "Money out. Switch to money in." }).last().click();
  await page.getByRole("button", { name: "Switch to money out", exact: true }).click();
  await moor.expectAnswer("1,073.18");
  const keep = page.getByRole("button", { name: "Keep money in" });
  await expect(keep).toBeHidden();
  // Who says that it is right is not asked again, not even another day.
  await page.getByRole("button", { name: "Money out. Switch to money in." }).last().click();
  await keep.click();
  await expect(keep).toBeHidden();
  await moor.expectSaved();
  await page.reload();
  await expect(moor.rate).toBeVisible();
  await expect(keep).toBeHidden();
});

test("an opened problem whose payments change asks how interest is compounded", async ({
  moor,
  page,
}) => {
  await moor.openProblem("A honey extractor on credit");
  await page.getByRole("textbox", { name: "Payment frequency" }).fill("year");
  await moor.typeKeyByKey(moor.howLong(0), "8 years");
  await expect(
    page.getByText("Money is paid yearly, but interest is compounded monthly."),
  ).toBeVisible();
  await page.getByRole("button", { name: "Compound yearly" }).click();
  await moor.expectAnswer("14,626.27");
  await page.keyboard.press("ControlOrMeta+z");
  await page.getByRole("button", { name: "Keep monthly" }).click();
  await moor.expectAnswer("14,770.60");
  await expect(page.getByText("Is that right?")).toBeHidden();
});
