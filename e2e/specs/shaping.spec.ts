import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

test("every field explains its term and can become the unknown, by keyboard", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("button", { name: /paid at the end/ }).focus();
  await page.keyboard.press("Alt+ArrowDown");
  const panel = page.getByRole("dialog", { name: "Explanation" });
  await expect(panel).toContainText("an annuity due");
  await expect(panel.locator("svg")).toHaveCount(2);
  await page.keyboard.press("Escape");
  await expect(panel).toBeHidden();
  await expect(page.getByRole("button", { name: /paid at the end/ })).toBeFocused();

  await moor.howLong(0).focus();
  await page.keyboard.press("Alt+ArrowDown");
  await expect(panel).toContainText("perpetuity");
  await page.getByRole("button", { name: /Make this the unknown/ }).press("Enter");
  await expect(moor.howLong(0)).toHaveValue("?");
  await expect(moor.amount(1)).toHaveValue(/^5,895\.616/);
  await moor.expectAnswer("40");
  await expect(panel).toHaveCount(0);

  await page.getByRole("combobox", { name: "Quotation of the rate" }).focus();
  await page.keyboard.press("Alt+ArrowDown");
  await expect(panel).toContainText("The effective annual rate includes compounding");
});

test("a line is split and joined again, and the answer stays", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  const menu = async (button: RegExp, item: string) => {
    await page.getByRole("button", { name: button }).click();
    await chooseFromMenu(page, item);
  };
  await menu(/^More for: Repeated money out, Deposits/, "Split");
  await expect(moor.howLong(0)).toHaveValue("20 payments");
  await expect(page.getByRole("textbox", { name: "Start of the first period" }).nth(1)).toHaveValue(
    "when deposits end",
  );
  await menu(/^More for: Repeated money out, Deposits/, "Merge with the next line");
  await expect(moor.howLong(0)).toHaveValue("40 payments");
  await moor.expectAnswer("5,895.62");
});

test("a problem changes its type without retyping", async ({ moor, page }) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86000");
  await moor.type(moor.rate, "7.4%");
  await moor.type(moor.howLong(0), "8 years");
  const before = await moor.figure.first().textContent();
  await page.getByRole("button", { name: "Change problem type" }).click();
  await page.getByRole("button", { name: "Loan with a balloon" }).click();
  await expect(moor.amount(0)).toHaveValue("86000");
  await expect(moor.howLong(0)).toHaveValue("8 years");
  await expect(moor.rate).toHaveValue("7.4%");
  await expect(moor.amount(2)).toBeFocused();
  await page.keyboard.type("25,500");
  await expect(moor.figure.first()).not.toHaveText(before ?? "");

  await page.getByRole("button", { name: "Change problem type" }).click();
  await page.getByRole("button", { name: "Loan repayments" }).click();
  await moor.expectAnswer(before ?? "");
  await expect(page.getByText("This problem type has no place for Balloon.")).toBeVisible();
});
