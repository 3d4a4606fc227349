import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

/** The whole story: from an empty problem to a saved one that is still there after everything. */
test("a student finds each of the four unknowns, takes back a step, and comes back later", async ({
  moor,
  page,
  application,
}) => {
  await moor.startProblem("A single amount");
  await expect(moor.answer).toContainText("Still needed: an amount, a time and a rate.");
  await expect(moor.amount(0)).toBeFocused();

  await test.step("the future value, typed as the question says it", async () => {
    await page.getByRole("textbox", { name: "Title of the problem" }).fill("A hive on deposit");
    await moor.typeKeyByKey(moor.amount(0), "4,500");
    await moor.typeKeyByKey(moor.when(1), "3y 4m");
    await moor.typeKeyByKey(moor.rate, "3.15% a year compounded quarterly");
    await moor.expectAnswer("4,996.14");
    await expect(moor.answer).toContainText("After 3 years 4 months, you receive");
    await expect(moor.answer).toContainText("Interest earned496.14");
    await expect(page.getByText("3.3333 years from today · 13.3333 quarters")).toBeVisible();
  });

  await test.step("the words about the rate move to their own place", async () => {
    await moor.rate.press("Tab");
    await expect(moor.rate).toHaveValue("3.15%");
    await expect(page.getByText("a year, compounded quarterly").first()).toBeVisible();
    await moor.expectAnswer("4,996.14");
  });

  await test.step("the workings have this problem's numbers and end in a sentence", async () => {
    await expect(moor.workings.locator("math").first()).toBeAttached();
    await expect(moor.workings).toContainText("Periodic rate: divide the nominal rate");
    await expect(moor.workings.getByRole("listitem").last()).toContainText(
      "The future value is 4,996.14 after 3 years 4 months.",
    );
  });

  await test.step("the present value: ? in its field moves the unknown there", async () => {
    await moor.amount(0).click();
    await moor.amount(0).pressSequentially("?");
    await expect(moor.amount(0)).toHaveValue("?");
    await expect(moor.amount(1)).toHaveValue(/^4,996\.1425/);
    await moor.expectAnswer("4,500.00");
    await moor.typeKeyByKey(moor.amount(1), "6000");
    await moor.expectAnswer("5,404.17");
  });

  await test.step("the rate", async () => {
    await moor.rate.click();
    await moor.rate.pressSequentially("?");
    await moor.typeKeyByKey(moor.amount(0), "5000");
    await moor.expectAnswer(/^5\.50/);
    await expect(moor.answer).toContainText("a year, compounded quarterly");
  });

  await test.step("the time", async () => {
    await moor.when(1).click();
    await moor.when(1).pressSequentially("?");
    await moor.typeKeyByKey(moor.rate, "5%");
    await moor.expectAnswer("3.669 years");
    await expect(moor.answer).toContainText("that is 3 years 8 months");
  });

  await test.step("undo goes back step by step, redo forth again", async () => {
    await page.keyboard.press("Control+z");
    await expect(moor.rate).toHaveValue(/^5\.50/);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(moor.rate).toHaveValue("?");
    await page.keyboard.press("Control+Shift+z");
    await page.getByRole("button", { name: "Redo" }).click();
    await moor.expectAnswer("3.669 years");
  });

  await test.step("it is saved, and there after a reload", async () => {
    await moor.expectSaved();
    await page.reload();
    await moor.expectAnswer("3.669 years");
  });

  await test.step("it is there after the server was restarted", async () => {
    expect(await application.stop("SIGINT")).toBeLessThan(5000);
    await application.start();
    await moor.openNotebook();
    await expect(page.getByRole("article", { name: "A hive on deposit" })).toContainText(
      "It takes 3.669 years, that is 3 years 8 months",
    );
    await page.getByRole("link", { name: "A hive on deposit" }).click();
    await moor.expectAnswer("3.669 years");
  });
});

test("the value of several amounts at a date", async ({ moor, page }) => {
  await moor.startProblem("Several amounts");
  await moor.typeKeyByKey(moor.amount(0), "1,000");
  await moor.typeKeyByKey(moor.when(0), "1 year");
  await moor.typeKeyByKey(moor.amount(1), "2*605");
  await moor.typeKeyByKey(moor.when(1), "2 years");
  await moor.typeKeyByKey(moor.rate, "10");
  await moor.expectAnswer("1,909.09");
  await expect(moor.answer).toContainText("The present value is");
  await moor.typeKeyByKey(page.getByRole("textbox", { name: "Focal date" }), "2 years");
  await moor.expectAnswer("2,310.00");
  await expect(page.getByText("2*605 = 1,210.00")).toBeVisible();
});

test("a rate that changes part-way is drawn as two spells", async ({ moor, page }) => {
  await moor.startProblem("A single amount");
  await moor.typeKeyByKey(moor.amount(0), "20000");
  await moor.typeKeyByKey(moor.when(1), "9");
  await moor.typeKeyByKey(moor.rate, "3.6% compounded monthly");
  await page.getByRole("button", { name: "Add a line" }).click();
  await chooseFromMenu(page, "A rate change");
  const second = page.getByRole("textbox", { name: "New rate" });
  await expect(second).toBeFocused();
  await second.pressSequentially("5.1% effective");
  await moor.typeKeyByKey(page.getByRole("textbox", { name: "Start of this rate" }), "4 years");
  await moor.expectAnswer("29,613.41");
  await expect(page.getByRole("region", { name: "Timeline" })).toContainText(
    "5.1% a year, effective",
  );
});

test("the answer and its facts are copied as written", async ({ moor, page }) => {
  const copied = () => page.evaluate(() => navigator.clipboard.readText());
  await moor.openProblem("Extractor fund");
  await page.getByRole("button", { name: "Copy the answer as 4,996.14" }).click();
  await expect(page.getByText("Copied")).toBeVisible();
  expect(await copied()).toBe("4,996.14");
  await page.getByRole("button", { name: "Copy Interest earned" }).click();
  await expect.poll(copied).toBe("496.14");
});

test("a click on a post of the timeline goes to its line", async ({ moor, page }) => {
  await moor.openProblem("A new roof for the barn");
  const timeline = page.getByRole("region", { name: "Timeline" });
  await timeline.locator("svg").getByText("38,400.00").click();
  await expect(moor.amount(1)).toBeFocused();
  await timeline.locator("svg").getByText("38,400.00").hover();
  await expect(timeline).toContainText("present value 30,000.25");
});

test("a goal that is reached twice has two dates", async ({ moor, page }) => {
  await moor.startProblem("A rate that changes");
  await page.keyboard.type("100");
  await moor.typeKeyByKey(moor.amount(1), "121");
  await moor.when(1).click();
  await moor.when(1).pressSequentially("?");
  await moor.typeKeyByKey(moor.rate, "10");
  await moor.typeKeyByKey(page.getByRole("textbox", { name: "New rate" }), "-10");
  await moor.typeKeyByKey(page.getByRole("textbox", { name: "Start of this rate" }), "3 years");
  await expect(moor.figure).toHaveText(["2 years", "3.905 years"]);
  await expect(moor.answer).toContainText("2 answers satisfy the equation: a rate is negative");
});
