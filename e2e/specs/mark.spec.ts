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

test("values on the way are placed: the first wrong one, and what follows from it", async ({
  moor,
  page,
}) => {
  await moor.type(got(moor), "761.13");
  const view = page.getByRole("tabpanel");
  await expect(view).toContainText("it does not match a common mistake");
  const onTheWay = page.getByRole("textbox", { name: "Values on the way" });
  await moor.type(onTheWay, "0.00575; 50.6225");
  const values = page.getByRole("list", { name: "Your values" }).getByRole("listitem");
  await expect(values).toHaveText([/Correct: that is i of step 3\./, /Correct: .* of step 4\./]);
  // The discount factor sum at 0.585% per month, worked out apart: 50.4792…
  const factor = (1 - 1.00585 ** -60) / 0.00585;
  await moor.type(onTheWay, `0.00585; ${factor.toFixed(6)}; 17.4321`);
  await expect(values).toHaveText([
    /The first wrong value: what follows uses it as i of step 3\./,
    /Correct from your own value/,
    /Not in the workings/,
  ]);
});

test("a figure of the schedule is marked by its row", async ({ moor, page }) => {
  await page
    .getByRole("combobox", { name: "What is marked" })
    .selectOption("the interest in payment …");
  const row = page.getByRole("textbox", { name: "Number of the payment" });
  await moor.type(row, "1");
  // 40,940 at 0.575%: the price of the van less its deposit is the first balance.
  const loan = Number((await moor.amount(0).inputValue()).replaceAll(",", ""));
  await moor.type(got(moor), (loan * 0.00575).toFixed(2));
  await expect(page.getByText("Correct, to every digit you gave.")).toBeVisible();
  await moor.type(row, "0");
  await expect(page.getByRole("tabpanel")).toContainText("The schedule has no such row.");
});

test("hints come one at a time, and the covered answer appears once one's own is typed", async ({
  moor,
  page,
}) => {
  await page.getByRole("button", { name: "Cover the answer" }).click();
  const answer = page.getByRole("region", { name: "Answer", exact: true });
  await expect(answer).toContainText("The answer is covered.");
  await expect(page.getByText("808.75")).toHaveCount(0);
  const hints = page.getByRole("region", { name: "Hints" });
  await page.getByRole("button", { name: "Give me a hint" }).click();
  await expect(hints).toContainText("Look for: present value of an ordinary annuity.");
  await page.getByRole("button", { name: "Give me another hint" }).click();
  await expect(hints).toContainText("Write this line.");
  await page.getByRole("button", { name: "Give me another hint" }).click();
  await expect(hints).toContainText("Substitute the numbers.");
  await expect(page.getByRole("button", { name: "Give me another hint" })).toHaveCount(0);
  await moor.type(got(moor), "804.12");
  await expect(answer).toContainText("808.75");
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
