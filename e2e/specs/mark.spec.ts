import { expect, test, type Moor } from "../support/fixtures";

const got = (moor: Moor) => moor.page.getByRole("textbox", { name: "The number that you got" });

test.beforeEach(async ({ moor, page }) => {
  await moor.openProblem("The delivery van");
  await page.getByRole("tab", { name: "Mark my answer" }).click();
});

test("the right number is right, to the digits that are given", async ({ moor, page }) => {
  for (const typed of ["808.75", "$808.75", "809"]) {
    await moor.type(got(moor), typed);
    await expect(page.getByText("That is right, to every digit you give.")).toBeVisible();
  }
});

test("a wrong one is explained: what was done, where the ways part, what to do next time", async ({
  moor,
  page,
}) => {
  // The payment if each came at the start of its month: 808.7475… over 1.00575.
  await moor.type(got(moor), "804.12");
  const view = page.getByRole("tabpanel");
  await expect(view).toContainText("“Repayments” were taken at the start of each period");
  await expect(view).toContainText("That gives 804.12, which is your number.");
  await expect(view).toContainText("The two ways part at step");
  await expect(view.getByRole("term")).toHaveText(["As your number has it", "As it should be"]);
  await expect(view).toContainText("Next time: Mark the first payment on the timeline");
  await page.getByRole("tab", { name: "Workings" }).click();
  await page.getByRole("tab", { name: "Mark my answer" }).click();
  await expect(got(moor)).toHaveValue("804.12");
});

test("two digits swapped in copying are seen", async ({ moor, page }) => {
  await moor.type(got(moor), "880.75");
  await expect(page.getByRole("tabpanel")).toContainText("two digits of the answer changed places");
});

test("what nothing explains asks for a value on the way, and places it", async ({ moor, page }) => {
  await moor.type(got(moor), "761.13");
  const view = page.getByRole("tabpanel");
  await expect(view).toContainText("no mistake that is known here gives just this number");
  const onTheWay = page.getByRole("textbox", { name: "A value that you got on the way" });
  await moor.type(onTheWay, "50.6225");
  await expect(view).toContainText(/That is right: it is .* of step 4\. The slip comes after it\./);
  await moor.type(onTheWay, "17.4321");
  await expect(view).toContainText("This value does not stand in the workings");
});

test("what is no number says so and stays as it is", async ({ moor, page }) => {
  await moor.type(got(moor), "about forty");
  await expect(page.getByRole("tabpanel")).toContainText(
    "“about forty” is not understood as a number.",
  );
  await expect(got(moor)).toHaveValue("about forty");
});

test("the number is marked anew when the problem changes", async ({ moor, page }) => {
  await moor.type(got(moor), "804.12");
  await expect(page.getByRole("tabpanel")).toContainText("at the start of each period");
  await moor.type(moor.amount(0), "61,234.56");
  await expect(page.getByRole("tabpanel")).not.toContainText("That gives 804.12");
});
