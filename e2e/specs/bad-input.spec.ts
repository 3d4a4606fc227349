import { expect, test } from "../support/fixtures";

test.describe("an error is shown where it occurred, and nothing is lost", () => {
  const cases: [field: "amount" | "time" | "rate", typed: string, says: RegExp][] = [
    ["amount", "about four", /Cannot read “about”\./],
    ["amount", "-4500", /Type the amount without a sign/],
    ["amount", "4,5", /is ambiguous\. If you mean 4\.5/],
    ["amount", "1e308", /The limit is 10,000,000,000,000/],
    ["amount", "12/0", /This divides by zero\./],
    ["time", "31 Feb 2027", /The date 31 Feb 2027 does not exist\./],
    ["time", "next summer", /Cannot read “next summer”\./],
    ["time", "5000 years", /The limit is 1,000 years/],
    ["rate", "five", /Cannot read “five”\./],
    ["rate", "0.5% monthly", /Is that 0\.5% per month, or a yearly rate\?/],
  ];
  for (const [field, typed, says] of cases) {
    test(`${field}: ${typed}`, async ({ moor, page }) => {
      await moor.openProblem("Extractor fund");
      const target = { amount: moor.amount(0), time: moor.when(1), rate: moor.rate }[field];
      await moor.type(target, typed);
      await target.press("Tab");
      await expect(page.getByText(says)).toBeVisible();
      await expect(target).toHaveValue(typed);
      await expect(target).toHaveAttribute("aria-invalid", "true");
      await expect(moor.answer).toContainText("One field cannot be read yet");
      await moor.expectSaved();
      await page.reload();
      await expect(target).toHaveValue(typed);
    });
  }
});

test("an empty field asks for what is missing, without an error", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  await moor.rate.fill("");
  await expect(moor.answer).toContainText("Still needed: a rate.");
  await expect(moor.rate).toHaveAttribute("aria-invalid", "false");
  await expect(page.getByText("no rate yet").first()).toBeAttached();
});

test("without an unknown it says how to ask", async ({ moor }) => {
  await moor.openProblem("Extractor fund");
  await moor.type(moor.amount(1), "5000");
  await expect(moor.answer).toContainText("There is no unknown yet. Type ? in the field");
});

test("there are never two unknowns: the first keeps its value", async ({ moor }) => {
  await moor.openProblem("Extractor fund");
  await moor.when(1).click();
  await moor.when(1).pressSequentially("?");
  await expect(moor.amount(1)).toHaveValue(/^4,996\.14/);
  await moor.expectAnswer("3.333 years");
});

test("a rate of −100% or less gets a message", async ({ moor }) => {
  await moor.openProblem("A new roof for the barn");
  await moor.type(moor.rate, "-100");
  await expect(moor.answer).toContainText("Type a rate above −100% per period.");
  await moor.type(moor.rate, "-50");
  await moor.expectAnswer("2,457,600.00");
});

test("money in one direction only: one click reverses a flow", async ({ moor, page }) => {
  await moor.openProblem("When does the hive fund double?");
  await page.getByRole("button", { name: "Money in. Switch to money out." }).click();
  await expect(moor.answer).toContainText("All the money here is money");
  await moor.answer.getByRole("button", { name: "Switch direction" }).click();
  await moor.expectAnswer("9.713 years");
});

test("an amount that balances in the other direction says so", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  await page.getByRole("button", { name: "Money in. Switch to money out." }).click();
  await moor.expectAnswer("4,996.14");
  await expect(moor.answer).toContainText("This balances only as money in.");
  await moor.answer.getByRole("button", { name: "Switch to money in" }).click();
  await expect(moor.answer).not.toContainText("This balances only as");
});

test("a goal that is already passed is told as past, with its periods", async ({ moor }) => {
  await moor.openProblem("When does the hive fund double?");
  await moor.type(moor.amount(1), "2000");
  await moor.expectAnswer("3.677 years ago");
  await expect(moor.answer.getByText("Quarters ago")).toBeVisible();
  await expect(moor.answer).toContainText("14.7066");
});

test("a perpetuity that grows as fast as the rate has no present value, and the timeline stays", async ({
  moor,
  page,
}) => {
  await moor.openProblem("A perpetual prize");
  await moor.expectAnswer("128,000.00");
  const posts = page.getByRole("region", { name: "Timeline" }).locator("[data-post]");
  const before = await posts.count();
  await moor.type(page.getByRole("textbox", { name: /^Growth, as a percentage/ }), "4%");
  await expect(moor.answer).toContainText("which is not below the rate of 4");
  await expect(posts).toHaveCount(before);
  await moor.type(moor.rate, "4.5");
  await moor.expectAnswer("640,000.00");
});

test("a question of 20,000 characters is kept; a longer one gets a message", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Extractor fund");
  await page.getByRole("button", { name: /^Question:/ }).click();
  const field = page.getByRole("textbox", { name: "Question text" });
  await field.fill("honey ".repeat(4000));
  await expect(page.getByText("The limit is 20,000 characters")).toBeVisible();
  await moor.amount(0).click();
  await moor.expectSaved();
  await page.reload();
  await page.getByRole("button", { name: /^Question:/ }).click();
  expect((await field.inputValue()).length).toBe(20_000);
});

test("long numbers keep their cents and their place", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  await moor.type(moor.amount(0), "123,456,789.01");
  await moor.expectAnswer("137,068,380.44");
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(1280);
});

test("a missing problem, and an unknown address", async ({ moor, page }) => {
  await page.goto(`${moor.url}/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d`);
  await expect(page.getByRole("heading", { name: "not in your notebook" })).toBeVisible();
  await page.goto(`${moor.url}/nowhere`);
  await expect(page.getByRole("heading", { name: "Page not found" })).toBeVisible();
});

test("a kept part of a file is shown, and solved with the rest", async ({ moor, page }) => {
  await moor.openNotebook();
  const id = await page.evaluate(async () => {
    const problem = {
      format: "kestrelmoor-problem",
      version: 1,
      title: "Repayments",
      rates: [{ percent: 5, quoted: "effective" }],
      flows: [
        { id: "loan", kind: "single", direction: "in", amount: 1000, at: "P0D" },
        // More digits than a field can show.
        { id: "dust", kind: "single", direction: "in", amount: 1e-300, at: "P0D" },
        {
          id: "repay",
          kind: "stream",
          direction: "out",
          amount: null,
          every: "P1M",
          count: 12,
          timing: "end",
          begins: "P0D",
        },
      ],
    };
    const reply = await fetch("/api/problems", {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({ problem }),
    });
    return ((await reply.json()) as { id: string }).id;
  });
  await page.goto(`${moor.url}/problems/${id}`);
  await expect(page.getByText("kept as in the file")).toBeVisible();
  await expect(moor.answer).toContainText("You pay 85.56 at the end of each month.");
});
