import { expect, test, type Moor } from "../support/fixtures";

const got = (moor: Moor) => moor.page.getByRole("textbox", { name: "Your answer" });

test.beforeEach(async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Mark my answer" }).click();
});

test("a correct answer is accepted to the digits typed", async ({ moor, page }) => {
  for (const typed of ["808.75", "$808.75", "809"]) {
    await moor.type(got(moor), typed);
    await expect(page.getByText("Correct, to every digit you gave.")).toBeVisible();
  }
});

test("a wrong answer is explained: the mistake, the first different step, and what to do next time", async ({
  moor,
  page,
}) => {
  // The payment if each came at the start of its month: 808.7475… over 1.00575.
  await moor.type(got(moor), "804.12");
  const view = page.getByRole("tabpanel");
  await expect(view).toContainText(
    "you treated “Repayments” as an annuity due, paid at the start of each period",
  );
  await expect(view).toContainText("That gives exactly your answer, 804.12.");
  await expect(view).toContainText("Your working differs at step");
  await expect(view.getByRole("term")).toHaveText(["Yours", "Correct"]);
  await expect(view).toContainText("Next time: Mark the first payment on the timeline");
  await page.getByRole("tab", { name: "Workings" }).click();
  await page.getByRole("tab", { name: "Mark my answer" }).click();
  await expect(got(moor)).toHaveValue("804.12");
});

test("two digits swapped in copying are found", async ({ moor, page }) => {
  await moor.type(got(moor), "880.75");
  await expect(page.getByRole("tabpanel")).toContainText("you swapped two digits");
});

test("an unexplained answer asks for an intermediate value, and places it", async ({
  moor,
  page,
}) => {
  await moor.type(got(moor), "761.13");
  const view = page.getByRole("tabpanel");
  await expect(view).toContainText("it does not match a common mistake");
  const onTheWay = page.getByRole("textbox", { name: "An earlier value" });
  await moor.type(onTheWay, "50.6225");
  await expect(view).toContainText(/Correct: that is .* of step 4\. The mistake comes later\./);
  await moor.type(onTheWay, "17.4321");
  await expect(view).toContainText("This value is not in the workings");
});

test("text that is not a number gets a message and stays", async ({ moor, page }) => {
  await moor.type(got(moor), "about forty");
  await expect(page.getByRole("tabpanel")).toContainText("“about forty” is not a number.");
  await expect(got(moor)).toHaveValue("about forty");
});

test("the answer is marked again when the problem changes", async ({ moor, page }) => {
  await moor.type(got(moor), "804.12");
  await expect(page.getByRole("tabpanel")).toContainText("at the start of each period");
  await moor.type(moor.amount(0), "61,234.56");
  await expect(page.getByRole("tabpanel")).not.toContainText(
    "That gives exactly your answer, 804.12",
  );
});
