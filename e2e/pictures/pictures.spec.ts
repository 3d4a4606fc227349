import { join } from "node:path";
import { expect, test } from "../support/fixtures";

const FOLDER = join(import.meta.dirname, "../../docs/screenshots");
const at = (name: string) => join(FOLDER, `${name}.png`);

/** One picture of each main view, from the demo notebook, at 1280 × 800. */

test("notebook", async ({ moor, page }) => {
  await moor.openNotebook();
  await page
    .getByRole("textbox", { name: "Start from the text of a question" })
    .fill(
      "The Larkrigg Honey Cooperative, founded in 1987, borrows 184,000 for its barn roof from Brackenside Mutual and repays it by equal payments at the end of every month for 25 years. The rate is 3.9% a year. (a) Find the monthly payment. (b) What is still owed after five years?",
    );
  await expect(page.getByText("(b) Balance after 5 years")).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("notebook") });
});

test("problem", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  await moor.workings.locator("math").first().waitFor({ state: "attached" });
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("problem") });
});

test("parts", async ({ moor, page }) => {
  await moor.openProblem("The barn-roof mortgage renewed");
  await page.getByRole("tab", { name: /^\(c\)/ }).click();
  await moor.workings.locator("math").first().waitFor({ state: "attached" });
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("parts") });
});

test("keep", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await moor.type(moor.amount(0), "54000");
  await moor.expectSaved();
  await moor.openNotebook();
  await page.getByRole("button", { name: "More for The wax workshop" }).click();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("link", { name: "Keep your notebook" }).click();
  await page.getByRole("button", { name: "Make a notebook key" }).click();
  await expect(page.getByText("Write it down now.")).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("keep") });
});

test("appraisal", async ({ moor, page }) => {
  await moor.openProblem("The wax workshop");
  await page.getByRole("tab", { name: "Appraisal" }).click();
  await expect(page.getByRole("img", { name: /^Net present value by/ })).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => document.getElementById("views")?.scrollIntoView());
  await page.screenshot({ path: at("appraisal") });
});

test("compare-projects", async ({ moor, page }) => {
  await page.setViewportSize({ width: 1280, height: 1000 });
  await moor.openProblem("The wax workshop");
  await page.getByRole("tab", { name: "Compare projects" }).click();
  await expect(page.getByRole("img", { name: /^Net present value by/ })).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => document.getElementById("views")?.scrollIntoView());
  await page.screenshot({ path: at("compare-projects") });
});

test("rates", async ({ moor, page }) => {
  await page.setViewportSize({ width: 1280, height: 1100 });
  await moor.openNotebook();
  await page.getByRole("link", { name: "Rates", exact: true }).click();
  await expect(page.getByRole("img", { name: /^Balance/ })).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("rates") });
});

test("tables", async ({ moor, page }) => {
  await moor.openNotebook();
  await page.getByRole("link", { name: "Tables", exact: true }).click();
  await expect(page.getByRole("region", { name: "Factors" })).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("tables") });
});

test("variants", async ({ moor, page }) => {
  await moor.openProblem("A honey extractor on credit");
  await moor.addSum("answer x payments");
  await page.getByRole("tab", { name: "Variants" }).click();
  for (const group of [/Annuity due/, /percentage point/]) {
    await page.getByRole("button", { name: "Suggested changes" }).click();
    await page.getByRole("menuitem", { name: group }).filter({ visible: true }).click();
  }
  await expect(page.getByRole("menuitem")).toHaveCount(0);
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.screenshot({ path: at("variants") });
});

test("what-if", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "What if" }).click();
  await page.getByRole("button", { name: "and a second input" }).click();
  await page.getByRole("region", { name: "Answers for two inputs" }).waitFor();
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.screenshot({ path: at("what-if") });
});

test("focal-date", async ({ moor, page }) => {
  await moor.openProblem("Two debts, one payment");
  await moor.workings.locator("math").first().waitFor({ state: "attached" });
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: at("focal-date") });
});

test("workings", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await moor.workings.locator("math").first().waitFor({ state: "attached" });
  await moor.workings.scrollIntoViewIfNeeded();
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.screenshot({ path: at("workings") });
});

test("proof", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Proof" }).click();
  await page.getByRole("textbox", { name: "Row to show: a time" }).fill("2 years");
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.screenshot({ path: at("proof") });
});

test("schedule", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Schedule" }).click();
  await page.getByRole("textbox", { name: "Date of the first payment" }).fill("2027-01-31");
  await page.getByRole("textbox", { name: "A balance", exact: true }).fill("30,000");
  await page.getByRole("textbox", { name: "Payoff time" }).fill("2 years 10 days");
  await expect(page.getByRole("table", { name: "Schedule" })).toContainText("2027-02-28");
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => document.getElementById("views")?.scrollIntoView());
  await page.screenshot({ path: at("schedule") });
});

test("compare-loans", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Compare loans" }).click();
  const offer = async (number: number, facts: Readonly<Record<string, string>>) => {
    await page.getByRole("button", { name: "Add an offer" }).click();
    for (const [fact, text] of Object.entries(facts)) {
      await page.getByRole("textbox", { name: `${fact}, Offer ${number}` }).fill(text);
    }
  };
  await offer(1, { Rate: "6.2%", "Upfront fee": "700" });
  await offer(2, { Rate: "6.6% effective", Term: "4 years" });
  await page.getByRole("textbox", { name: "Time until payoff" }).fill("2 years");
  await expect(page.getByText("cheapest", { exact: true })).toBeVisible();
  await expect(
    page.getByRole("img", { name: /^Effective annual cost of each loan/ }),
  ).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => document.getElementById("views")?.scrollIntoView());
  await page.screenshot({ path: at("compare-loans") });
});

test("mark-my-answer", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Mark my answer" }).click();
  await page.getByRole("textbox", { name: "Your answer" }).fill("804.12");
  await expect(page.getByText("Next time:")).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.locator("#views").scrollIntoViewIfNeeded();
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.screenshot({ path: at("mark-my-answer") });
});

test("hand-in", async ({ moor, page }) => {
  // The sheet has its date on it.
  await page.clock.setSystemTime(new Date("2026-11-24T09:00:00"));
  await page.setViewportSize({ width: 1280, height: 1100 });
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Hand in" }).click();
  await page.getByRole("textbox", { name: "By" }).fill("Isla Thwaite");
  await page.getByRole("textbox", { name: "for", exact: true }).fill("Finance 1");
  const sheet = page.getByRole("article", { name: "Hand-in sheet" });
  await expect(sheet).toContainText("Isla Thwaite · Finance 1");
  await sheet.locator("math").nth(14).waitFor({
    state: "attached",
  });
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => document.getElementById("views")?.scrollIntoView());
  await page.screenshot({ path: at("hand-in") });
});

test.describe("at night", () => {
  test.use({ colorScheme: "dark" });
  test("conventions-dark", async ({ moor, page }) => {
    await moor.openProblem("The honey note, sold early");
    await page.getByRole("button", { name: "Conventions" }).click();
    await expect(page.getByRole("dialog")).toContainText("here;");
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: at("conventions-dark") });
  });
});

test.describe("on a telephone", () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test("problem-narrow", async ({ moor, page }) => {
    await moor.openProblem("When does the hive fund double?");
    await moor.workings.locator("math").first().waitFor({ state: "attached" });
    await page.screenshot({ path: at("problem-narrow") });
  });
});
