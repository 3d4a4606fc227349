import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

test.describe("the workings of a loan with a residual", () => {
  test.beforeEach(async ({ moor }) => {
    await moor.openProblem("The delivery van");
    await expect(moor.workings.locator("math").first()).toBeAttached();
  });

  test("go from what is given to the answer, each step with its own numbers", async ({ moor }) => {
    const steps = moor.workings.locator("ol > li");
    await expect(steps.first()).toContainText("Write down what is given and what to find.");
    await expect(steps.nth(1)).toContainText("Focal date: today.");
    await expect(steps.last()).toContainText("The repayment is 808.75 at the end of each month.");
    await expect(moor.workings).toContainText("50.6225244969");
  });

  test("follow the length, notation and rounding of the course, and keep them", async ({
    moor,
    page,
  }) => {
    const count = await moor.workings.getByRole("listitem").count();
    await page.getByLabel("Level of detail").selectOption("short");
    await expect.poll(() => moor.workings.getByRole("listitem").count()).toBeLessThan(count);
    await page.getByLabel("Notation of factors").selectOption("annuity symbols");
    await expect(
      moor.workings.locator("annotation").filter({ hasText: "overline" }).first(),
    ).toBeAttached();
    await page.getByLabel("Rounding of intermediate values").selectOption("factors to 4 decimals");
    await expect(moor.workings).toContainText("With intermediate values rounded");
    await page.reload();
    await expect(moor.workings).toContainText("With intermediate values rounded");
  });

  test("a number leads to its source, by pointer and by keyboard", async ({ moor, page }) => {
    const lit = page.locator("[data-lit]");
    await moor.workings.locator("[data-from]").filter({ hasText: "52,000.00" }).last().hover();
    await expect(
      page.getByRole("region", { name: "Timeline" }).locator("g[data-lit]"),
    ).toBeVisible();
    await expect(moor.amount(0)).toHaveAttribute("data-lit");
    await page.mouse.move(0, 0);
    await expect(lit).toHaveCount(0);
    const button = page.getByRole("button", { name: /^Step 5: where its numbers come from/ });
    await button.focus();
    await page.keyboard.press("Enter");
    const source = page.getByRole("list", { name: "Where the numbers come from" });
    await expect(source).toContainText("0.00575 from step 3");
    await source.getByRole("button", { name: "step 3" }).focus();
    await expect(lit).toHaveCount(1);
    await page.keyboard.press("Enter");
    await expect(page.locator("#workings-step-3")).toBeFocused();
  });

  test("are copied as text, as LaTeX and as MathML", async ({ moor, page, context }) => {
    await context.grantPermissions(["clipboard-read", "clipboard-write"]);
    const copied = async (form: string) => {
      await moor.workings.getByRole("button", { name: "Copy the workings" }).click();
      await chooseFromMenu(page, form);
      await expect(page.getByText("The workings are copied.")).toBeVisible();
      return page.evaluate(() => navigator.clipboard.readText());
    };
    expect(await copied("Copy as plain text")).toContain("i = j / m = 0.069 / 12 = 0.00575");
    expect(await copied("Copy as LaTeX")).toContain(String.raw`\frac{0.069}{12}`);
    expect(await copied("Copy as MathML")).toMatch(/<math[\s\S]*<mfrac>/);
  });
});

test("follow-up questions have their workings below, starting from the answer", async ({
  moor,
  page,
}) => {
  await moor.openProblem("The delivery van");
  await moor.askFurther(/Balance after a time/, "2 years");
  await moor.askFurther(/Interest over/, "years 1 to 2");
  const { workings } = moor;
  await expect(workings.getByRole("heading", { name: "Balance after 2 years" })).toBeVisible();
  // Worked apart: 52,000 · 1.00575²⁴ less the payments grown to then.
  await expect(workings).toContainText("Balance after 2 years: 38,921.93.");
  await expect(workings).toContainText("The balance 2 years from today: see above.");
  await expect(workings).toContainText("Interest in years 1 to 2: 6,331.87.");
  // The payment that was found leads back to the step that found it.
  await page.getByRole("button", { name: /^Step 13: where its numbers come from/ }).click();
  await expect(page.getByRole("list", { name: "Where the numbers come from" })).toContainText(
    "808.747506258 from step 9",
  );
});

test("the formula is on a card, as on a formula sheet, and can be copied", async ({
  moor,
  page,
  context,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await moor.openProblem("Hive deposits");
  await page.getByRole("button", { name: /^Formula: Future value of an ordinary annuity/ }).click();
  const card = page.getByRole("list", { name: "Workings: Future value of an ordinary annuity" });
  await expect(card).toContainText("Equal payments at the end of each period");
  await expect(card).toContainText("The same formula for each of the others.");
  await expect(card).toContainText("It does not apply to payments at the start");
  await page.getByRole("button", { name: "Copy this formula" }).click();
  await chooseFromMenu(page, "Copy as plain text");
  await expect(page.getByText("The formula is copied.")).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain(
    "PMT = FV × i / ((1 + i)^n - 1)",
  );
});

test("the workings follow the focal date that somebody has chosen", async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await expect(moor.workings).toContainText("Focal date: today.");
  const handle = page.getByRole("slider", { name: /focal date/i });
  await handle.focus();
  for (let times = 0; times < 3; times += 1) await page.keyboard.press("ArrowRight");
  await expect(moor.workings).not.toContainText("Focal date: today.");
  await expect(moor.workings).toContainText("The repayment is 808.75");
});

test("no formula runs out of a narrow page", async ({ moor, page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await moor.openProblem("The barn-roof mortgage");
  await expect(moor.workings.locator("math").first()).toBeAttached();
  await expect
    .poll(() =>
      moor.workings
        .locator(".katex")
        .evaluateAll((all) =>
          Math.max(...all.map((one) => one.getBoundingClientRect().right - innerWidth)),
        ),
    )
    .toBeLessThanOrEqual(0);
});

test("an error in a line hides the workings, and its correction shows them again", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  await moor.type(moor.amount(0), "nonsense");
  await expect(moor.workings).toContainText("When the problem has an answer");
  await page.keyboard.press("Control+z");
  await expect(moor.workings.locator("ol > li").first()).toContainText("Write down what is given");
});
