import type { Locator, Page } from "@playwright/test";
import { expectNoViolations } from "../support/expect-no-violations";
import { expect, test } from "../support/fixtures";

const LOAN =
  "The Larkrigg Honey Cooperative, founded in 1987, borrows 184,000 for its barn roof and repays it by equal payments at the end of every month for 25 years. The rate is 3.9% a year. (a) Find the monthly payment. (b) What is still owed after five years?";

const field = (page: Page) =>
  page.getByRole("textbox", { name: "Start from the text of a question" });
const notes = (page: Page) => page.getByRole("list", { name: "About this reading" });

test("the lines appear under the text, with their answers, and open as a problem", async ({
  moor,
  page,
}) => {
  await moor.openNotebook();
  await field(page).fill(LOAN);
  await expect(page.getByText("(a) You pay 961.09 at the end of each month.")).toBeVisible();
  await expect(page.getByText("(b) Balance after 5 years: 159,988.45")).toBeVisible();
  await expect(page.locator("mark[title='Rate']")).toHaveText("3.9% a year");
  await expect(page.locator("mark[title='Amount, money in']")).toHaveText("184,000");
  await expect(page.locator("s[title='Not used: a year in the story']")).toHaveText("1987");
  await expect(notes(page)).toContainText("Not used: 1987, a year in the story.");
  await expectNoViolations(page);

  await page.getByRole("button", { name: "Open this problem" }).click();
  await moor.expectAnswer("961.09");
  await expect(moor.amount(0)).toHaveValue("184,000");
  await expect(moor.answer).toContainText("159,988.45");
  await expect(page.getByRole("button", { name: /^Question: The Larkrigg/ })).toBeVisible();
  await expect(page.locator("mark[title='Rate']")).toHaveText("3.9% a year");
  // A figure that the lines no longer have is no longer marked.
  await moor.type(moor.rate, "4");
  await expect(page.locator("mark[title='Rate']")).toHaveCount(0);
});

test("what is assumed is told, and taken otherwise by a key", async ({ moor, page }) => {
  await moor.openNotebook();
  await field(page).fill(LOAN);
  await expect(notes(page)).toContainText("The rate is taken as compounded monthly.");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("button", { name: "an effective annual rate" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(notes(page)).toContainText("The rate is taken as an effective annual rate.");
  await expect(page.getByText(/You pay 95\d\.\d\d at the end/)).toBeVisible();
  await page.getByRole("button", { name: "Open this problem" }).click();
  await moor.expectAnswer(/^95\d\.\d\d$/);
});

test("a question whose parts take up answers opens with its parts", async ({ moor, page }) => {
  await moor.openNotebook();
  await field(page).fill(
    "Corisande took out a mortgage of £220,000 over 25 years at 6.3% compounded monthly, payable at the end of each month. (a) What is her payment? (b) What does she owe after five years? (c) At that point the rate is renewed at 4.95% compounded monthly; she keeps to the original end date. What is the new payment?",
  );
  await expect(page.getByText("(c) You pay 1,305.79 at the end of each month.")).toBeVisible();
  await page.getByRole("button", { name: "Open this problem" }).click();
  const tabs = page.getByRole("tablist", { name: "Parts of the question" });
  await expect(tabs.getByRole("tab")).toHaveCount(2);
  await tabs.getByRole("tab", { name: /^\(c\)/ }).click();
  await moor.expectAnswer("1,305.79");
});

const said: readonly (readonly [string, string, string])[] = [
  [
    "a rate that is missing",
    "Hollis borrows $7,500 and repays it with equal payments at the end of each month for 3 years. What is the monthly payment?",
    "The question gives no interest rate.",
  ],
  [
    "two times for one amount",
    "What will £500 be worth in 10 years, or rather in 12 years, at 5% effective?",
    "Not every figure fits the lines. Check them against the question.",
  ],
  [
    "a part that the lines do not answer",
    "A car costs €23,800. A fifth is paid down and the rest in 48 equal month-end instalments at 0.59% a month. (a) How large is an instalment? (b) What does the car cost in all?",
    "The lines do not answer what the question asks. Check them against the question.",
  ],
  [
    "another language",
    "Ein Darlehen von 10 000 € wird bei einem nominalen Zinssatz von 6 % durch monatliche Raten über fünf Jahre getilgt. Wie hoch ist die Rate?",
    "This does not look like English. Only questions in English are read.",
  ],
  [
    "an exercise sheet",
    `${LOAN}\n\n`.repeat(40),
    "This is more than one question. Choose one, or paste one at a time.",
  ],
  [
    "no question of money over time",
    "A train leaves at 9:40 and travels 120 km at 80 km per hour. When does it arrive?",
    "This is not read as a question about money over time.",
  ],
];

test.describe("too little, something else, and too much", () => {
  for (const [name, text, sentence] of said) {
    test(name, async ({ moor, page }) => {
      await moor.openNotebook();
      await field(page).fill(text);
      await expect(page.getByText(sentence).first()).toBeVisible();
      await expect(field(page)).toHaveValue(text);
    });
  }

  test("what is missing is asked for in its field", async ({ moor, page }) => {
    await moor.openNotebook();
    await field(page).fill(said[0]?.[1] ?? "");
    await page.getByRole("button", { name: "Open this problem" }).click();
    await expect(moor.rate).toBeFocused();
    await page.keyboard.type("6% compounded monthly");
    await moor.expectAnswer("228.16");
  });

  test("it starts with the text all the same", async ({ moor, page }) => {
    await moor.openNotebook();
    await field(page).fill("Hollis thinks about a loan. What does he owe?");
    await page.getByRole("button", { name: "Start with this text" }).click();
    await expect(page.getByRole("button", { name: /^Question: Hollis thinks/ })).toBeVisible();
  });
});

test("of a sheet one exercise is chosen, and the others stay at hand", async ({ moor, page }) => {
  await moor.openNotebook();
  const other = "A deposit of £2,000 earns 5% effective. What is it worth after 3 years?";
  await field(page).fill(`${other}\n\n${said[0]?.[1] ?? ""} The rate is 6% compounded monthly.`);
  const exercises = page.getByRole("list", { name: "Exercises" });
  await expect(exercises.getByRole("button")).toHaveCount(2);
  await expectNoViolations(page);
  await exercises.getByRole("button", { name: /^A deposit of £2,000/ }).click();
  await expect(page.getByText("After 3 years, you receive 2,315.25")).toBeVisible();
  await page.getByRole("button", { name: "Back to all exercises" }).click();
  await exercises.getByRole("button", { name: /^Hollis borrows/ }).click();
  await expect(page.getByText("You pay 228.16 at the end of each month.")).toBeVisible();
});

test("a rate is converted at once, and its workings are in the rates", async ({ moor, page }) => {
  await moor.openNotebook();
  await field(page).fill("Convert 7.8% compounded monthly to an effective annual rate.");
  await expect(page.getByText(/A rate to convert: 7.8% a year, compounded monthly/)).toBeVisible();
  await expect(page.getByText("It is 8.084981% a year, effective.")).toBeVisible();
  await page.getByRole("button", { name: "Show the workings in Rates" }).click();
  await expect(page).toHaveURL(/\/rates/);
  const card = page.getByRole("region", { name: "Equivalent rates" });
  await expect(card.getByRole("textbox").first()).toHaveValue("7.8% a year, compounded monthly");
  await expect(card.getByRole("button", { name: /compounded yearly: workings/ })).toHaveAttribute(
    "aria-expanded",
    "true",
  );
});

test("rates are compared, and opened as offers", async ({ moor, page }) => {
  await moor.openNotebook();
  await field(page).fill(
    "Which is better for a saver: 4.35% compounded daily or 4.4% compounded semi-annually?",
  );
  const preview = page.getByRole("listitem");
  await expect(preview.filter({ hasText: "4.4% a year" })).toContainText("4.4484% effective");
  await expect(preview.filter({ hasText: "the highest" })).toContainText("4.4% a year");
  await expectNoViolations(page);
  await page.getByRole("button", { name: "Compare them in Rates" }).click();
  const rates = page.getByRole("textbox", { name: /^Rate of Offer/ });
  await expect(rates).toHaveCount(2);
  await expect(rates.last()).toHaveValue("4.4% a year, compounded half-yearly");
});

test.describe("the question and its lines", () => {
  const MILL =
    "A mill borrows £9,000 at 6.9% a year, compounded monthly, and repays it over 5 years by equal payments at the end of each month. Find the payment.";

  test.beforeEach(async ({ moor, page }) => {
    await moor.openNotebook();
    await field(page).fill(MILL);
    await page.getByRole("button", { name: "Open this problem" }).click();
    await moor.expectAnswer("177.79");
  });

  test("light up together, whichever is pointed at", async ({ moor, page }) => {
    const phrase = page.locator("mark", { hasText: "6.9% a year" });
    const line = page.getByRole("listitem").filter({ has: moor.rate });
    const fillOf = (place: Locator) =>
      place.evaluate((element) => getComputedStyle(element).backgroundColor);
    const [phraseAtRest, lineAtRest] = [await fillOf(phrase), await fillOf(line)];
    await phrase.hover();
    await expect.poll(() => fillOf(line)).not.toBe(lineAtRest);
    await moor.rate.focus();
    await page.mouse.move(2, 2);
    await moor.rate.blur();
    await expect.poll(() => fillOf(phrase)).toBe(phraseAtRest);
    await moor.rate.focus();
    await expect.poll(() => fillOf(phrase)).not.toBe(phraseAtRest);
  });

  test("a phrase is dragged onto a field, in the place of what stands there", async ({
    moor,
    page,
  }) => {
    const rate = moor.rate;
    await moor.type(rate, "7.2%");
    await moor.expectAnswer("179.06");
    await page.locator("[draggable]", { hasText: "6.9% a year" }).dragTo(rate);
    await expect(rate).toHaveValue("6.9% a year, compounded monthly");
    await moor.expectAnswer("177.79");
    await page.keyboard.press("Control+z");
    await expect(rate).toHaveValue("7.2%");
  });

  test("a changed text offers what it changes, and leaves what was set by hand", async ({
    moor,
    page,
  }) => {
    const rewrite = async (text: string) => {
      await page.getByRole("button", { name: /^Question:/ }).click();
      await page.getByRole("textbox", { name: "Question text" }).fill(text);
      await page.keyboard.press("Escape");
    };
    await rewrite(MILL.replace("9,000", "12,000"));
    const offer = page.getByRole("status").filter({ hasText: "12,000 instead of 9,000" });
    await expect(offer).toBeVisible();
    await moor.expectAnswer("177.79");
    await offer.getByRole("button", { name: "Change the lines" }).click();
    await moor.expectAnswer("237.05");
    await expect(offer).toHaveCount(0);
    await moor.type(moor.amount(0), "15,000");
    await moor.expectAnswer("296.31");
    await rewrite(MILL.replace("9,000", "13,000").replace("5 years", "6 years"));
    const second = page.getByRole("status").filter({ hasText: "72 payments instead of" });
    await expect(second).toContainText("Your own changes stay: 15,000.");
    await second.getByRole("button", { name: "Change the lines" }).click();
    await expect(moor.amount(0)).toHaveValue("15,000");
    await moor.expectAnswer("255.02");
  });
});

test("what was assumed stands beside the question while the lines are as it was read", async ({
  moor,
  page,
}) => {
  await moor.openNotebook();
  await field(page).fill(
    "A mill borrows £9,000 at 6.9% a year and repays it over 5 years by equal monthly payments. Find the payment.",
  );
  await page.getByRole("button", { name: "Open this problem" }).click();
  await moor.expectAnswer("177.79");
  await expect(notes(page)).toContainText("The rate is taken as compounded monthly.");
  await notes(page).getByRole("button", { name: "at the start of each period" }).click();
  await moor.expectAnswer("176.77");
  await notes(page).getByRole("button", { name: "an effective annual rate" }).click();
  await moor.expectAnswer("175.92");
  await page.getByRole("button", { name: "Undo" }).click();
  await moor.expectAnswer("176.77");
  await moor.type(moor.amount(0), "10,000");
  await expect(notes(page)).toHaveCount(0);
});

test("a problem is told in words, in another wording, and is read back to the same answer", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "86,000");
  await moor.type(moor.rate, "7.4% a year compounded monthly");
  await expect(page.getByRole("button", { name: "Say it in words" })).toHaveCount(0);
  await moor.type(moor.howLong(0), "8 years");
  await moor.expectAnswer("1,189.69");
  const shown = page.getByRole("button", { name: /^Question:/ });
  await page.getByRole("button", { name: "Say it in words" }).click();
  await expect(shown).toContainText("£86,000");
  const first = await shown.textContent();
  await page.getByRole("button", { name: "Another wording" }).click();
  await expect(shown).not.toHaveText(first ?? "");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(shown).toHaveText(first ?? "");
  await moor.expectSaved();

  await moor.returnToNotebook();
  await field(page).fill(first ?? "");
  await page.getByRole("button", { name: "Open this problem" }).click();
  await moor.expectAnswer("1,189.69");
});

test("words that do not tell everything say so", async ({ moor, page }) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "9,000");
  await moor.type(moor.rate, "6% a year compounded monthly");
  await moor.type(moor.howLong(0), "12 payments");
  await page.getByRole("button", { name: "Conventions" }).click();
  await page.getByRole("dialog").getByLabel("A payment to find").selectOption("up");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Say it in words" }).click();
  await expect(page.getByText("The text leaves something out")).toBeVisible();
});
