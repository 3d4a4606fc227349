import type { Page } from "@playwright/test";
import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

const table = (page: Page) => page.getByRole("region", { name: "Comparison" });
const row = (page: Page, name: string) =>
  table(page).getByRole("row", { name: new RegExp(`^${name}`) });
const names = (page: Page) =>
  table(page)
    .getByRole("textbox", { name: /^Name of the variant/ })
    .evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).placeholder));

async function choose(page: Page, button: string, item: RegExp): Promise<void> {
  await page.getByRole("button", { name: button, exact: true }).click();
  await chooseFromMenu(page, item);
}

test("a problem and its variants stand side by side, with their differences and answers", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("button", { name: "Compare variants" }).click();

  await test.step("one thing changed by typing", async () => {
    await choose(page, "Change an input", /^Deposits, amount$/);
    await expect(
      page.getByRole("textbox", { name: "Deposits, amount, in no change" }),
    ).toBeFocused();
    await page.keyboard.type("175");
    await expect(row(page, "Answer")).toContainText("5,895.62");
    await expect(row(page, "Answer")).toContainText("7,369.52");
    await expect(row(page, "Difference")).toContainText("+1,473.90");
    await expect(row(page, "as a percentage")).toContainText("+25%");
  });

  await test.step("ready-made ones", async () => {
    await choose(page, "Suggested changes", /percentage point/);
    await expect(row(page, "Answer")).toContainText("5,993.32");
    await expect(row(page, "Difference")).toContainText("−95.82");
    await choose(page, "Suggested changes", /Annuity due/);
    await expect(row(page, "Answer")).toContainText("5,911.05");
  });

  await test.step("they follow the problem", async () => {
    await moor.type(moor.amount(0), "280");
    await expect(row(page, "Answer")).toContainText("11,986.64");
    await page.keyboard.press("Control+z");
    await expect(row(page, "Answer")).toContainText("5,993.32");
  });

  await test.step("dragged to another place, and back by the menu", async () => {
    expect(await names(page)).toEqual(["175", "4.15%", "2.15%", "start"]);
    await table(page)
      .getByTitle("Drag to another place")
      .nth(3)
      .dragTo(table(page).getByRole("columnheader").nth(1));
    await expect.poll(() => names(page)).toEqual(["start", "175", "4.15%", "2.15%"]);
    await choose(page, "More for: Annuity due", /Move right/);
    await expect.poll(() => names(page)).toEqual(["175", "start", "4.15%", "2.15%"]);
  });

  await test.step("one made the problem itself, the old one in its place", async () => {
    await choose(page, "More for: 175", /Use as the problem/);
    await moor.expectAnswer("7,369.52");
    await expect(moor.amount(0)).toHaveValue("175");
    await expect(row(page, "Answer")).toContainText("5,895.62");
    await expect.poll(() => names(page)).toEqual(["140", "140, start", "140, 4.15%", "140, 2.15%"]);
  });

  await test.step("all of it there after a reload", async () => {
    await moor.expectSaved();
    await page.reload();
    await expect(row(page, "Answer")).toContainText("5,993.32");
    await choose(page, "More for: 140", /^Remove$/);
    await expect(row(page, "Answer")).not.toContainText("5,895.62");
  });
});

test("follow-up questions are answered for every variant", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await moor.askFurther(/Balance after a time/, "2 years");
  await page.getByRole("tab", { name: "Variants" }).click();
  await choose(page, "Suggested changes", /years longer/);
  await expect(row(page, "Balance after 2 years").getByRole("cell")).toHaveText(
    Array<string>(6).fill("3,463.13"),
  );
});

test("an error in one variant is shown there, and the others stay", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await page.getByRole("tab", { name: "Variants" }).click();
  await expect(page.getByRole("tabpanel")).toContainText("Change one input and compare");
  await choose(page, "Change an input", /^Deposits, amount$/);
  await expect(page.getByRole("textbox", { name: "Deposits, amount, in no change" })).toBeFocused();
  await page.keyboard.type("a lot");
  await expect(row(page, "Answer")).toContainText("One field cannot be read yet");
  await expect(row(page, "Answer")).toContainText("5,895.62");
  // The unknown is the problem's own: it cannot be moved from here.
  await moor.type(page.getByRole("textbox", { name: /^Deposits, amount, in/ }), "9?0");
  await expect(page.getByRole("textbox", { name: /^Deposits, amount, in/ })).toHaveValue("90");
  await page
    .getByRole("button", { name: "Use this value in all variants: Deposits, amount" })
    .click();
  await expect(row(page, "Difference")).toContainText("0.00");
});

test("an answer that is kept stands beside the problem, which goes on", async ({ moor, page }) => {
  await moor.openProblem("A honey extractor on credit");
  await moor.addSum("answer * 12");
  await page.getByRole("button", { name: "Keep and vary" }).click();
  await moor.type(moor.rate, "8%");
  const table = page.getByRole("region", { name: "Comparison" });
  await expect(table.getByRole("row", { name: /^Answer/ })).toContainText("1,189.69");
  await expect(table.getByRole("row", { name: /^Difference/ })).toContainText("−26.06");
  await expect(table.getByRole("row", { name: /^answer \* 12/ })).toContainText("14,276.30");
  await page.getByRole("button", { name: "Change another input" }).click();
  await chooseFromMenu(page, "Loan, amount");
  await expect(page.getByRole("textbox", { name: "Loan, amount, in Kept 1" })).toBeFocused();
});
