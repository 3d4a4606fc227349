import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { expect, test } from "../support/fixtures";

const chart = (page: Page) => page.getByRole("img", { name: /^Answer by/ });
const slider = (page: Page) => page.getByRole("tabpanel").getByRole("slider");

test("the answer is drawn against a value, the slider sets the value, and it can be applied", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("tab", { name: "What if" }).click();
  await expect(chart(page)).toHaveAccessibleName(
    /from 5,691\.89 at 1% to 6,077\.87 at 5%; now 5,895\.62/,
  );
  await expect(chart(page)).toContainText("now");

  await page.getByLabel("The first input to vary").selectOption("Deposits, amount");
  await expect(chart(page)).toHaveAccessibleName(/by Deposits, amount/);
  await page.getByLabel("From, first range").fill("100");
  await page.getByLabel("To, first range").fill("200");
  await slider(page).focus();
  await page.keyboard.press("Home");
  await expect(page.getByRole("tabpanel")).toContainText("Deposits, amount: 100");
  await expect(page.getByRole("tabpanel").getByRole("status")).toHaveText("4,211.15");
  await page.keyboard.press("End");
  await expect(page.getByRole("tabpanel").getByRole("status")).toHaveText("8,422.31");

  await page.getByRole("button", { name: "Save as a variant" }).click();
  await expect(page.getByRole("region", { name: "Comparison" })).toContainText("8,422.31");
  await page.getByRole("tab", { name: "What if" }).click();
  await page.getByRole("button", { name: "Use 200 in the problem" }).click();
  await moor.expectAnswer("8,422.31");
});

test("two values give a table, with the problem itself in its middle", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("tab", { name: "What if" }).click();
  await page.getByRole("button", { name: "and a second input" }).click();
  await page.getByLabel("The second input to vary").selectOption("Deposits, number of payments");
  const pairs = page.getByRole("region", { name: "Answers for two inputs" });
  await expect(pairs.getByRole("cell", { name: "5,895.62 (now)" })).toBeVisible();
  await expect(pairs.getByRole("row")).toHaveCount(10);

  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save as CSV" }).click(),
  ]);
  const lines = readFileSync(await download.path(), "utf8").split("\r\n");
  expect(lines[0]).toMatch(/^"Deposits, number of payments \\ Rate","1",.*"3\.15"/);
  expect(lines.find((line) => line.startsWith("40,"))).toMatch(/,5895\.61\d+,/);

  await page.getByRole("button", { name: "Copy the values" }).click();
  await expect(page.getByText("Copied")).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain("\t");

  const before = await chart(page).getAttribute("aria-label");
  await slider(page).focus();
  await page.keyboard.press("End");
  await expect(chart(page)).not.toHaveAccessibleName(before ?? "");
});

test("an impossible range gets a message, and a problem without an answer says what is missing", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("tab", { name: "What if" }).click();
  await page.getByLabel("From, first range").fill("9%");
  await expect(page.getByRole("tabpanel")).toContainText("from a smaller to a larger number");
  await page.getByLabel("From, first range").fill("soon");
  await expect(page.getByLabel("From, first range")).toHaveAttribute("aria-invalid", "true");
  await expect(chart(page)).toBeVisible();
  await moor.type(moor.amount(0), "");
  await moor.amount(0).press("Backspace");
  await expect(page.getByRole("tabpanel")).toContainText("When the problem has an answer");
});
