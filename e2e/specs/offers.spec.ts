import { expect, test } from "../support/fixtures";

test.describe("loans are compared", () => {
  test.beforeEach(async ({ moor, page }) => {
    await moor.openProblem("The delivery van");
    await page.getByRole("tab", { name: "Compare loans" }).click();
    await expect(page.getByRole("region", { name: "Loans compared" })).toBeVisible();
  });

  test("an offer is typed by its differences, and the cheapest is marked for a time until payoff", async ({
    moor,
    page,
  }) => {
    await page.getByRole("button", { name: "Add an offer" }).click();
    await expect(page.getByRole("textbox", { name: "Rate, Offer 1" })).toBeFocused();
    await page.keyboard.type("6.2%");
    await page.getByRole("textbox", { name: "Upfront fee, Offer 1" }).fill("700");
    await page.getByRole("textbox", { name: "Name of offer 1" }).fill("Tarn Credit");
    const ranking = page.getByRole("list", { name: "Cheapest loan" });
    await expect(ranking).toContainText(/^Up to .*: This loan, then Tarn Credit\./);
    await expect(ranking).toContainText(/or longer: Tarn Credit, then this loan\.$/);

    const held = page.getByRole("textbox", { name: "Time until payoff" });
    const decisive = page.getByRole("row", { name: /^Effective annual cost if paid off then/ });
    await held.fill("6 months");
    await expect(decisive.getByRole("cell").first()).toContainText("cheapest");
    await held.fill("5 years");
    await expect(decisive.getByRole("cell").nth(1)).toContainText("cheapest");
    await expect(
      page.getByRole("img", { name: /^Effective annual cost of each loan/ }),
    ).toBeVisible();

    await moor.expectSaved();
    await page.reload();
    await expect(page.getByRole("textbox", { name: "Name of offer 1" })).toHaveValue("Tarn Credit");
    await page.getByRole("button", { name: "Remove Tarn Credit" }).click();
    await expect(page.getByRole("textbox", { name: "Rate, Offer 1" })).toHaveCount(0);
    await page.keyboard.press("Control+z");
    await expect(page.getByRole("textbox", { name: "Rate, Tarn Credit" })).toHaveValue("6.2%");
  });

  test("an offer that cannot be calculated says why, and nothing is lost", async ({ page }) => {
    await page.getByRole("button", { name: "Add an offer" }).click();
    const rate = page.getByRole("textbox", { name: "Rate, Offer 1" });
    await rate.fill("5,5");
    await page.keyboard.press("Tab");
    await expect(page.getByText("is ambiguous")).toBeVisible();
    await rate.fill("-1200%");
    await expect(page.getByText("the balance is lost within one period")).toBeVisible();
    await page.getByRole("textbox", { name: "Time until payoff" }).fill("soon");
    await page.keyboard.press("Tab");
    await expect(page.getByText("Cannot read “soon”")).toBeVisible();
    await expect(rate).toHaveValue("-1200%");
    for (let count = 0; count < 4; count += 1) {
      await page.getByRole("button", { name: "Add an offer" }).click();
    }
    await expect(page.getByRole("button", { name: "Add an offer" })).toHaveCount(0);
  });
});

test("savings have no loans to compare", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await expect(page.getByRole("tab", { name: "Schedule" })).toBeVisible();
  await expect(page.getByRole("tab", { name: "Compare loans" })).toHaveCount(0);
});
