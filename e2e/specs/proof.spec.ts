import { expect, test } from "../support/fixtures";

test("the account of a loan closes at zero, with any row in between", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Proof" }).click();
  const view = page.getByRole("tabpanel");
  await expect(view).toContainText("the account closes at 0.00");
  const account = view.getByRole("region", { name: "The account" });
  await expect(account.getByRole("row").nth(2)).toHaveText(
    "after 1 month52,000.00299.00−808.7551,490.25",
  );
  await expect(account.getByRole("row").last()).toContainText("after 5 years");
  await expect(account.getByRole("row").last()).toContainText("0.00");
  const which = page.getByRole("textbox", { name: "Row to show: a time" });
  await moor.type(which, "2 years");
  await expect(account).toContainText("after 2 years39,503.53");
  await moor.type(which, "the blue moon");
  await expect(view).toContainText("Cannot read “the blue moon”.");
  await expect(view.getByRole("img", { name: /^Balance over 5 years/ })).toBeVisible();
});

test("the other methods agree with the answer", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("tab", { name: "Proof" }).click();
  const ways = page.getByRole("region", { name: "Other methods" });
  await expect(ways.getByRole("row")).toHaveCount(4);
  for (const row of (await ways.getByRole("row").all()).slice(1)) {
    await expect(row).toContainText("5,895.62");
    await expect(row).toContainText(/to \d+ digits/);
  }
});
