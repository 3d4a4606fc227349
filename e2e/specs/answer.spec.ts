import { expect, test } from "../support/fixtures";

test.describe("follow-up questions", () => {
  test("are added from a list, answered as they are typed, and kept", async ({ moor, page }) => {
    await moor.openProblem("Hive deposits");
    await moor.askFurther(/Balance after a time/, "2 years");
    await expect(moor.answer).toContainText("3,463.13");
    await moor.askFurther(/Interest over/, "year 3");
    await expect(moor.answer).toContainText("134.79");
    await moor.askFurther(/Total of deposits/);
    await expect(moor.answer.getByRole("list", { name: "Follow-up questions" })).toContainText(
      "Total of Deposits5,600.00",
    );
    await moor.expectSaved();
    await page.reload();
    await expect(moor.answer).toContainText("3,463.13");
    await page.getByRole("button", { name: "Remove: Balance after 2 years" }).click();
    await expect(moor.answer).not.toContainText("3,463.13");
    await page.keyboard.press("Control+z");
    await expect(moor.answer).toContainText("3,463.13");
  });

  test("without an answer say so, and the answer stays", async ({ moor, page }) => {
    await moor.openProblem("Hive deposits");
    await moor.askFurther(/Interest over/, "the blue moon");
    await expect(moor.answer).toContainText("Cannot read “the blue moon”.");
    await moor.expectAnswer("5,895.62");
    const field = page.getByRole("textbox", { name: "Interest in: when" });
    await moor.type(field, "year 3 to year 2");
    await expect(moor.answer).toContainText("This ends before it begins");
    await moor.type(field, "?");
    await expect(moor.answer).toContainText("cannot be the unknown");
    await moor.expectAnswer("5,895.62");
  });
});

test.describe("calculations", () => {
  test("use the answer by its name, follow it, and are kept", async ({ moor, page }) => {
    await moor.openProblem("Hive deposits");
    await moor.addSum("answer / payments");
    const sums = moor.answer.getByRole("list", { name: "Calculations" });
    await expect(sums).toContainText("147.39");
    await moor.addSum("");
    await page.getByRole("button", { name: "interest", exact: true }).click();
    await page.keyboard.type("/ total out");
    await expect(sums).toContainText("0.052789");
    await moor.type(moor.amount(0), "280");
    await expect(sums).toContainText("294.78");
    await moor.expectSaved();
    await page.reload();
    await expect(sums).toContainText("294.78");
    await page.getByRole("button", { name: "Remove the calculation: answer / payments" }).click();
    await expect(sums).not.toContainText("294.78");
  });

  test("that cannot be calculated say why", async ({ moor }) => {
    await moor.openProblem("Hive deposits");
    await moor.addSum("answer / wishes");
    await expect(moor.answer).toContainText("Cannot read “wishes”. Use numbers");
    await moor.addSum("(answer");
    await expect(moor.answer).toContainText("A bracket is unmatched");
    await moor.expectAnswer("5,895.62");
  });
});

test.describe("the number format", () => {
  test("holds for every number that is not typed, in every view", async ({ moor, page }) => {
    await moor.openProblem("A honey extractor on credit");
    await page.getByRole("button", { name: "Number format" }).click();
    const dialog = page.getByRole("dialog", { name: "Number format" });
    await dialog.getByLabel("Thousands and decimal marks").selectOption("point-comma");
    await dialog.getByRole("button", { name: "Close" }).click();
    await moor.expectAnswer("1.189,69");
    await expect(moor.answer.getByRole("status")).toContainText("1.189,69");
    const timeline = page.getByRole("region", { name: "Timeline" });
    const lines = page.getByRole("region", { name: "Lines" });
    for (const name of ["Workings", "Proof", "Schedule", "Using tables", "Value at a date"]) {
      await page.getByRole("tab", { name, exact: true }).click();
      const view = page.getByRole("tabpanel");
      await expect(view).toContainText(/\d\.\d{3},\d/);
      for (const part of [timeline, lines, moor.answer, view]) {
        expect(await part.innerText()).not.toMatch(/\d,\d{3}\.\d|\d\.\d+\s?%/);
      }
    }
  });

  test("holds for the problem, for what is copied, and for all others when it is made the usual one", async ({
    moor,
    page,
  }) => {
    await moor.openProblem("Hive deposits");
    await page.getByRole("button", { name: "Number format" }).click();
    const dialog = page.getByRole("dialog", { name: "Number format" });
    await dialog.getByLabel("Decimals of money").selectOption("4");
    await dialog.getByLabel("Thousands and decimal marks").selectOption("point-comma");
    await dialog.getByLabel("Currency sign, or none").fill("€");
    await dialog.getByLabel("Rates", { exact: true }).selectOption("decimal");
    await expect(dialog).toContainText("€12.345,6780");
    await dialog.getByRole("button", { name: "Close" }).click();
    await moor.expectAnswer("€5.895,6162");
    await expect(moor.answer).toContainText("0,031874");
    await page.getByRole("button", { name: "Copy Total money out" }).click();
    await expect
      .poll(() => page.evaluate(() => navigator.clipboard.readText()))
      .toBe("€5.600,0000");

    await moor.openProblem("Extractor fund");
    await moor.expectAnswer("4,996.14");
    await moor.openProblem("Hive deposits");
    await page.getByRole("button", { name: "Number format" }).click();
    await dialog.getByRole("button", { name: "Use for all my problems" }).click();
    await dialog.getByRole("button", { name: "Close" }).click();
    await moor.openProblem("Extractor fund");
    await moor.expectAnswer("€4.996,1425");
    await moor.openNotebook();
    await expect(page.getByRole("article", { name: "Extractor fund" })).toContainText(
      "you receive €4.996,1425.",
    );
  });

  test("the style of the workings holds for the problem, and for all if it is made the usual one", async ({
    moor,
    page,
  }) => {
    await moor.openProblem("Hive deposits");
    const level = page.getByRole("tabpanel").getByLabel("Level of detail");
    await level.selectOption("short");
    await moor.expectSaved();
    await moor.openProblem("Extractor fund");
    await expect(level).toHaveValue("every-step");
    await moor.openProblem("Hive deposits");
    await expect(level).toHaveValue("short");
    await page.getByRole("button", { name: "Number format" }).click();
    const dialog = page.getByRole("dialog", { name: "Number format" });
    await dialog.getByLabel("Notation of factors").selectOption("annuity symbols");
    await dialog.getByRole("button", { name: "Use for all my problems" }).click();
    await dialog.getByRole("button", { name: "Close" }).click();
    await moor.openProblem("Extractor fund");
    await expect(level).toHaveValue("short");
    await expect(page.getByRole("tabpanel").getByLabel("Notation of factors")).toHaveValue(
      "factors",
    );
  });

  test("shows money out by a minus sign, and then no verb repeats it", async ({ moor, page }) => {
    await moor.openProblem("A honey extractor on credit");
    await expect(moor.answer).toContainText("You pay");
    const before = (await moor.figure.first().textContent()) ?? "";
    await page.getByRole("button", { name: "Number format" }).click();
    await page.getByLabel("Money out", { exact: true }).selectOption("minus");
    await page.keyboard.press("Escape");
    await moor.expectAnswer(`−${before}`);
    await expect(moor.answer).not.toContainText("You pay");
  });
});
