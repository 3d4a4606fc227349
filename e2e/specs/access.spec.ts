import { chooseFromMenu } from "../support/choose-from-menu";
import { expectNoViolations } from "../support/expect-no-violations";
import { expect, test } from "../support/fixtures";

/** Colours do not depend on the width, nor the layout on the theme: two looks see all four of them. */
const LOOKS = [
  { colorScheme: "light", width: 1280 },
  { colorScheme: "dark", width: 390 },
] as const;

for (const { colorScheme, width } of LOOKS) {
  test.describe(`${colorScheme}, ${width} wide`, () => {
    test.use({ colorScheme, viewport: { width, height: 800 } });

    test("axe finds nothing on the notebook", async ({ moor, page }) => {
      await moor.openNotebook();
      await expectNoViolations(page);
      const field = page.getByRole("textbox", { name: "Start from the text of a question" });
      await field.fill(
        "A mill of 1987 borrows £9,000 at 6.9% compounded monthly. (a) Find the month-end payment over 5 years. (b) Find it over 6 years.",
      );
      await expect(page.getByText(/^\(b\) You pay/)).toBeVisible();
      await expectNoViolations(page);
    });

    test("axe finds nothing on a problem, with an answer and with mistakes", async ({
      moor,
      page,
    }) => {
      await moor.openProblem("The lender changes its rate");
      await expect(moor.workings.locator("math").first()).toBeAttached();
      await expectNoViolations(page);
      await moor.type(moor.amount(0), "nonsense");
      await moor.amount(0).press("Tab");
      await expect(page.getByText("Cannot read")).toBeVisible();
      await expectNoViolations(page);
    });

    test("axe finds nothing on the views, with variants, a table and questions", async ({
      moor,
      page,
    }) => {
      // Every look at the problem is gone over by itself.
      test.slow();
      await moor.openProblem("Hive deposits");
      await moor.askFurther(/Balance after a time/, "2 years");
      await moor.addSum("answer / payments");
      await page.getByRole("button", { name: "Step 3: where its numbers come from" }).click();
      await expect(page.getByRole("list", { name: "Where the numbers come from" })).toBeVisible();
      await expectNoViolations(page);
      await page.getByRole("tab", { name: "Proof" }).click();
      await expect(page.getByRole("region", { name: "The account" })).toBeVisible();
      await expectNoViolations(page, "#views");
      await page.getByRole("tab", { name: "Schedule" }).click();
      await page.getByRole("textbox", { name: "Date of the first payment" }).fill("2027-01-31");
      await page.getByRole("textbox", { name: "Payoff time" }).fill("1 year 10 days");
      await expect(page.getByRole("table", { name: "Schedule" })).toContainText("2027-02-28");
      await expectNoViolations(page, "#views");
      await page.getByRole("tab", { name: "Mark my answer" }).click();
      await page.getByRole("textbox", { name: "Your answer" }).fill("8,595.62");
      await expect(page.getByText("Next time:")).toBeVisible();
      await expectNoViolations(page, "#views");
      await page.getByRole("tab", { name: "Variants" }).click();
      await page.getByRole("button", { name: "Suggested changes" }).click();
      await chooseFromMenu(page, /percentage point/);
      await expect(page.getByRole("region", { name: "Comparison" })).toContainText("5,993.32");
      await expectNoViolations(page, "#views");
      await page.getByRole("tab", { name: "What if" }).click();
      await page.getByRole("button", { name: "and a second input" }).click();
      await expect(page.getByRole("region", { name: "Answers for two inputs" })).toBeVisible();
      await expectNoViolations(page, "#views");
      await page.getByRole("tab", { name: "Hand in" }).click();
      await expect(page.getByRole("article", { name: "Hand-in sheet" })).toBeVisible();
      await expectNoViolations(page, "#views");
      await page.getByRole("tab", { name: "Value at a date" }).click();
      await expect(page.getByRole("region", { name: "Value of each line" })).toBeVisible();
      await page.getByRole("button", { name: "Number format" }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await expectNoViolations(page);
    });

    test("axe finds nothing on an appraisal and on projects compared", async ({ moor, page }) => {
      test.slow();
      await moor.openProblem("The wax workshop");
      await page.getByRole("tab", { name: "Appraisal" }).click();
      await page.getByRole("button", { name: "Internal rate of return", exact: true }).click();
      await expect(page.locator("#view math").first()).toBeAttached();
      await expectNoViolations(page);
      await page.getByRole("tab", { name: "Compare projects" }).click();
      await expect(page.getByRole("region", { name: "Crossover rates" })).toBeVisible();
      await expectNoViolations(page, "#views");
    });

    test("axe finds nothing on rates, on tables and on a problem by the table", async ({
      moor,
      page,
    }) => {
      test.slow();
      await moor.openNotebook();
      await page.getByRole("link", { name: "Rates", exact: true }).click();
      await page.getByRole("button", { name: /a year, compounded quarterly: workings/ }).click();
      await expect(page.locator("main math").first()).toBeAttached();
      await expectNoViolations(page);
      await page.getByRole("link", { name: "Tables", exact: true }).click();
      await expect(page.getByRole("region", { name: "Factors" })).toBeVisible();
      await expectNoViolations(page);
      await moor.openProblem("Heather seed, using tables");
      await page.getByRole("tab", { name: "Using tables" }).click();
      await expect(page.getByRole("region", { name: "Part of the table" })).toBeVisible();
      await expectNoViolations(page);
    });

    test("axe finds nothing on a changed schedule, real payments and loans compared", async ({
      moor,
      page,
    }) => {
      test.slow();
      await moor.openProblem("The delivery van");
      await page.getByRole("tab", { name: "Schedule" }).click();
      await page.getByRole("button", { name: "Add a change" }).click();
      await chooseFromMenu(page, "Payment holiday");
      await page
        .getByRole("textbox", { name: "Number of payments", exact: true })
        .fill("half a year");
      await expect(page.getByRole("table", { name: "With the changes and without" })).toBeVisible();
      await page.getByLabel("File of payments").setInputFiles({
        name: "paid.csv",
        mimeType: "text/csv",
        buffer: Buffer.from("No;Paid\n1;808.75\n2;nothing\n3;900.00\n"),
      });
      await expect(page.getByText("Row 3: “nothing” is not an amount.")).toBeVisible();
      await expectNoViolations(page);
      await page.getByRole("tab", { name: "Compare loans" }).click();
      await page.getByRole("button", { name: "Add an offer" }).click();
      await page.getByRole("textbox", { name: "Rate, Offer 1" }).fill("6.2%");
      await expect(
        page.getByRole("img", { name: /^Effective annual cost of each loan/ }),
      ).toBeVisible();
      await expectNoViolations(page, "#views");
    });

    test("the tab of the open view is in sight, whole", async ({ moor, page }) => {
      await moor.openProblem("The delivery van");
      await page.goto(`${page.url()}?view=hand-in`);
      await page.getByRole("tablist").scrollIntoViewIfNeeded();
      await expect(page.getByRole("tab", { name: "Hand in" })).toBeInViewport({ ratio: 1 });
      await page.getByRole("tab", { name: "Hand in" }).press("ArrowRight");
      await expect(page.getByRole("tab", { name: "Workings" })).toBeInViewport({ ratio: 1 });
    });

    test("nothing is wider than the screen", async ({ moor, page }) => {
      await moor.openNotebook();
      const tooWide = () =>
        page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(await tooWide()).toBeLessThanOrEqual(0);
      await moor.openProblem("Two payments for a wax press");
      await moor.type(moor.amount(0), "123,456,789.01");
      expect(await tooWide()).toBeLessThanOrEqual(0);
    });
  });
}

test("the keyboard alone suffices, from the notebook to an answer and back", async ({
  moor,
  page,
}) => {
  await moor.openNotebook();
  const tabTo = async (name: RegExp) => {
    for (let presses = 0; presses < 60; presses += 1) {
      await page.keyboard.press("Tab");
      const focused = await page.evaluate(() => {
        const element = document.activeElement;
        return `${element?.getAttribute("aria-label") ?? ""} ${element?.textContent ?? ""}`;
      });
      if (name.test(focused)) return;
    }
    throw new Error(`The keyboard does not reach ${String(name)}`);
  };
  await tabTo(/A single amount/);
  await page.keyboard.press("Enter");
  await expect(moor.amount(0)).toBeVisible();
  await page.locator("main").focus();
  await tabTo(/^Amount of money out/);
  await page.keyboard.type("1000");
  await page.keyboard.press("Enter");
  await expect(moor.when(1)).toBeFocused();
  await page.keyboard.type("2 years");
  await page.keyboard.press("Enter");
  await expect(moor.rate).toBeFocused();
  await page.keyboard.type("10");
  await moor.expectAnswer("1,210.00");
  await page.keyboard.press("Tab");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect(moor.figure.first()).not.toHaveText("1,210.00");
  await page.keyboard.press("Control+z");
  await moor.expectAnswer("1,210.00");
  await tabTo(/Add a line/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("menuitem", { name: "A single amount" })).toBeFocused();
  // A menu that is closed without a choice gives the focus back.
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Add a line" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("menuitem", { name: "A single amount" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(moor.amount(2)).toBeFocused();
  await page.keyboard.type("oops");
  await page.keyboard.press("Escape");
  await expect(moor.amount(2)).toHaveValue("");
});

test("the shortcuts are listed outside a field, and ? inside one is the unknown", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Extractor fund");
  await page.locator("main").focus();
  await page.keyboard.press("Shift+?");
  await expect(page.getByRole("dialog", { name: "Shortcuts" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("a screen reader reads the timeline, the answer and the formulas", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  const money = page.getByRole("list", { name: "Cash flows on the timeline" });
  await expect(money.getByRole("listitem")).toHaveText([
    "Money out: 4,500.00, today, into the fund",
    "Money in: 4,996.14 (found), after 3 years 4 months, out of the fund",
    "Rate: 3.15% a year, compounded quarterly, from today",
  ]);
  await expect(moor.answer.getByRole("status")).toHaveText(
    "After 3 years 4 months, you receive 4,996.14.",
  );
  await expect(moor.workings.locator("math").first()).toBeAttached();
});

test("light and dark can be chosen, and the choice is kept", async ({ moor, page }) => {
  await moor.openNotebook();
  const mist = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const light = await mist();
  await page.getByRole("button", { name: /^Theme:/ }).click();
  await page.getByRole("button", { name: /^Theme: Light/ }).click();
  await expect.poll(mist).not.toBe(light);
  const dark = await mist();
  await page.reload();
  await expect.poll(mist).toBe(dark);
});
