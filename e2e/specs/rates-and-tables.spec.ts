import { readFile } from "node:fs/promises";
import { expect, test } from "../support/fixtures";

test.describe("rates", () => {
  test.beforeEach(async ({ moor, page }) => {
    await moor.openNotebook();
    await page.getByRole("link", { name: "Rates", exact: true }).click();
    await expect(page.getByRole("heading", { name: "Rates", level: 1 })).toBeVisible();
  });

  test("one rate is converted to every other form, with workings, and opens as a problem", async ({
    moor,
    page,
  }) => {
    const card = page.getByRole("region", { name: "Equivalent rates" });
    const rate = card.getByRole("textbox", { name: "Quoted rate" });
    await rate.fill("6% a year compounded quarterly");
    await expect(card).toContainText("6.136355%");
    await card.getByRole("button", { name: /a year, compounded continuously: workings/ }).click();
    await expect(card.getByRole("list", { name: /^Workings/ })).toContainText("logarithm");
    await rate.fill("much");
    await rate.blur();
    await expect(card.getByText(/Cannot read/)).toBeVisible();
    await expect(card.getByRole("table")).toHaveCount(0);
    await rate.fill("1.5% per quarter");
    await expect(card).toContainText("6.136355%");
    await page.reload();
    await expect(rate).toHaveValue("1.5% per quarter");
    await card.getByRole("button", { name: "Open as a problem" }).click();
    await moor.expectAnswer("1,061.36");
  });

  test("simple interest and discount agree over a time that one says, and a real rate needs a nominal one", async ({
    page,
  }) => {
    const card = page.getByRole("region", { name: "Equivalent rates" });
    await card.getByRole("textbox", { name: "Quoted rate" }).fill("6% effective");
    // 6 ÷ 1.06
    await expect(card.getByRole("row", { name: /effective discount/ })).toContainText("5.660377%");
    await card.getByRole("textbox", { name: "Time over which they agree" }).fill("9 months");
    // (1.06^0.75 − 1) ÷ 0.75 and (1 − 1.06^−0.75) ÷ 0.75
    await expect(card.getByRole("row", { name: /simple interest/ })).toContainText("5.956088%");
    await card.getByRole("button", { name: /bank discount: workings/ }).click();
    await expect(card).toContainText("5.7014");
    const nominal = page.getByRole("region", { name: "Nominal rate for a real rate" });
    await nominal.getByRole("textbox", { name: "Real rate" }).fill("5%");
    await nominal.getByRole("textbox", { name: "Inflation beside it" }).fill("2%");
    await expect(nominal).toContainText("7.1% a year");
  });

  test("offers are ranked by rate, and by the balance at a date", async ({ moor, page }) => {
    const card = page.getByRole("region", { name: "Compare deposits" }).first();
    await expect(card).toContainText("But after 10 months, Brackenside Mutual gives more");
    await card.getByRole("textbox", { name: "Time until the money is needed" }).fill("1 year");
    await expect(card).toContainText("It also gives the highest balance after 1 year");
    await card.getByRole("button", { name: "Add an offer" }).click();
    await card.getByRole("textbox", { name: "Rate of Offer 3" }).fill("7% continuous");
    await expect(card).toContainText("Offer 3 has the highest effective annual rate, 7.2508%");
    await card.getByRole("button", { name: "Remove Offer 3" }).click();
    await card
      .getByRole("combobox", { name: "Interest credit of Harrow Tarn Savings" })
      .selectOption("always");
    await card.getByRole("button", { name: "Open as a problem" }).click();
    await moor.expectAnswer("5,270.00");
    await page.getByRole("tab", { name: "Variants" }).click();
    await expect(page.getByRole("region", { name: "Comparison" })).toContainText("5,250.58");
  });

  test("inflation, growth, doubling and discounts are answered as they are typed", async ({
    page,
  }) => {
    await expect(page.getByRole("region", { name: "After inflation" })).toContainText("3.609756%");
    const growth = page.getByRole("region", { name: "Average growth rate" });
    const values = growth.getByRole("textbox", { name: /^Values in order/ });
    await values.fill("1,000; 1,331");
    await growth.getByRole("textbox", { name: "Time between values" }).fill("3 years");
    await expect(growth).toContainText("10% a year, compounded, over 3 years");
    await values.fill("2027-01-01 1,000; 2027-07-02 1,050; 2029-01-01 1,210");
    await expect(growth).toContainText("Growth a year");
    await values.fill("1,000; 0; 5");
    await expect(growth).toContainText("Growth needs two values above zero");
    const doubling = page.getByRole("region", { name: "Doubling time" });
    await expect(doubling).toContainText("11.8957 years");
    await doubling.getByRole("textbox", { name: "Growth rate" }).fill("0%");
    await expect(doubling).toContainText("money never grows to 2 times itself");
    const discount = page.getByRole("region", { name: "Discount with fees" });
    await expect(discount).toContainText("8.5383%");
    await discount.getByRole("textbox", { name: "Fee", exact: true }).fill("12,000");
    await expect(discount).toContainText("The discount and the fee use up");
    await expect(discount).toContainText("44.5853% a year");
  });
});

test("what is typed on both pages is in the notebook, on whatever computer it is opened", async ({
  moor,
  page,
  browser,
}) => {
  await moor.openNotebook();
  await page.getByRole("link", { name: "Rates", exact: true }).click();
  const doubling = page.getByRole("region", { name: "Doubling time" });
  await doubling.getByRole("textbox", { name: "Growth rate" }).fill("9%");
  await moor.expectSaved();
  await page.getByRole("link", { name: "Tables", exact: true }).click();
  await page.getByRole("combobox", { name: "Decimals" }).selectOption("6");
  await moor.expectSaved();

  // Another computer: the same notebook, and nothing that a browser remembers.
  const { cookies } = await page.context().storageState();
  const other = await browser.newContext({ storageState: { cookies, origins: [] } });
  const there = await other.newPage();
  await there.goto(new URL("/rates", page.url()).href);
  await expect(
    there
      .getByRole("region", { name: "Doubling time" })
      .getByRole("textbox", { name: "Growth rate" }),
  ).toHaveValue("9%");
  await there.getByRole("link", { name: "Tables", exact: true }).click();
  await expect(there.getByRole("combobox", { name: "Decimals" })).toHaveValue("6");
  await other.close();
});

test("without a server what is typed on the rates page waits in the browser", async ({
  moor,
  page,
}) => {
  await moor.openNotebook();
  await page.getByRole("link", { name: "Rates", exact: true }).click();
  const rate = page
    .getByRole("region", { name: "Doubling time" })
    .getByRole("textbox", { name: "Growth rate" });
  await page.route("**/api/desk/*", (route) => route.abort());
  await rate.fill("8.5%");
  await expect(page.getByText("Not saved yet. Cannot reach the server.")).toBeVisible();
  await page.unroute("**/api/desk/*");
  await page.reload();
  await expect(rate).toHaveValue("8.5%");
  await moor.expectSaved();
});

test.describe("tables", () => {
  test.beforeEach(async ({ moor, page }) => {
    await moor.openNotebook();
    await page.getByRole("link", { name: "Tables", exact: true }).click();
    await expect(page.getByRole("region", { name: "Factors" })).toBeVisible();
  });

  test("a factor is looked up by typing and by clicking, and compared with the exact one", async ({
    moor,
    page,
  }) => {
    await expect(page.getByText("850.00 × 7.9427 = 6,751.30")).toBeVisible();
    await page.getByRole("cell", { name: "8.3577", exact: true }).click();
    await expect(page.getByText("850.00 × 8.3577 = 7,104.05")).toBeVisible();
    const rate = page.getByRole("textbox", { name: "Periodic rate to look up" });
    await rate.fill("7.25%");
    await expect(page.getByText("lies between the columns of 7% and 8%")).toBeVisible();
    await rate.fill("30%");
    await expect(page.getByText("30% over 13 periods: outside this table")).toBeVisible();
    await rate.fill("7%");
    await page.getByRole("textbox", { name: "Factor to look up" }).fill("8");
    await expect(
      page.getByText(/Between 7% and 8%; linear interpolation gives 7\.78/),
    ).toBeVisible();
    await page.getByRole("button", { name: "Open as a problem" }).click();
    await moor.expectAnswer("7,104.00");
  });

  test("any range is shown, up to a readable size", async ({ page }) => {
    await page.getByRole("textbox", { name: "Highest periodic rate" }).fill("40%");
    await page.getByRole("textbox", { name: "Most periods" }).fill("60");
    const frame = page.getByRole("region", { name: "Factors" });
    await frame.evaluate((box) => box.scrollTo(100_000, 100_000));
    await expect(frame.getByRole("cell", { name: "2.5000", exact: true }).first()).toBeVisible();
    await page.getByRole("combobox", { name: "Factor" }).selectOption("future-of-one");
    await frame.evaluate((box) => box.scrollTo(100_000, 100_000));
    await expect(frame).toContainText("585,709,328");
    await page.getByRole("textbox", { name: "Highest periodic rate" }).fill("200%");
    await expect(page.getByText("That would be 200 columns. The limit is 60")).toBeVisible();
    await page.getByRole("textbox", { name: "Highest periodic rate" }).fill("8%");
    await expect(frame).toContainText("8%");
  });

  test("it is saved as CSV, and printed whole", async ({ page }) => {
    await page.evaluate(() => {
      window.print = () => undefined;
    });
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as CSV" }).click();
    const file = await readFile(await (await download).path(), "utf8");
    const lines = file.trim().split("\r\n");
    expect(lines).toHaveLength(31);
    expect(lines[5]).toMatch(/^5,4.8534,/);
    await page.getByRole("button", { name: "Print" }).click();
    await page.emulateMedia({ media: "print" });
    const paper = page.getByRole("region", { name: "Printed table" });
    await expect(paper.getByRole("row")).toHaveCount(31);
    await expect(page.getByRole("link", { name: "Notebook", exact: true })).toBeHidden();
  });
});

test("a problem that one factor solves is solved by the table", async ({ moor, page }) => {
  await moor.openProblem("Heather seed, using tables");
  await page.getByRole("tab", { name: "Using tables" }).click();
  const view = page.getByRole("region", { name: "Using tables" });
  await expect(view).toContainText("Future value of an annuity of 1, paid at the end");
  await expect(view).toContainText("One period is one half-year");
  await expect(view).toContainText("Row 18, column 3% gives 23.4144");
  await expect(view).toContainText("1,250.00 × 23.4144 = 29,268.00. Exact answer: 29,268.04");
  await moor.type(moor.rate, "6.1%");
  await expect(view).toContainText("3.05%: use that column");
});
