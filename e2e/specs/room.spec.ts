import { expect, test } from "../support/fixtures";

test("a hundred years of weekly payments, in a line with a name of a hundred characters", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Regular saving");
  await moor.type(moor.amount(0), "0.01");
  await moor.type(page.getByRole("textbox", { name: "Payment frequency" }), "week");
  await moor.type(moor.howLong(0), "100 years");
  await moor.type(moor.rate, "5% effective");
  const name = page.getByRole("textbox", { name: "Name of this line" }).first();
  await name.fill("honey ".repeat(20).slice(0, 100));
  await expect(moor.figure.first()).toBeVisible();
  await expect(page.getByText("5,200 payments").first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
  await moor.type(moor.amount(0), "1,000,000,000,000");
  await expect(moor.figure.first()).toHaveText(/^\d{1,3}(,\d{3}){5,}\.\d\d$/);
});

test("forty lines are drawn, solved and listed", async ({ moor, page }) => {
  await moor.openNotebook();
  const id = await page.evaluate(async () => {
    const flows = Array.from({ length: 39 }, (_, index) => ({
      id: `hive-${index}`,
      label: `Hive ${index}`,
      kind: "single",
      direction: index % 3 === 0 ? "in" : "out",
      amount: 100 + index,
      at: `P${index}M`,
    }));
    const problem = {
      format: "kestrelmoor-problem",
      version: 1,
      rates: [{ percent: 6, quoted: "nominal", compounding: "P1M" }],
      flows: [...flows, { id: "rest", kind: "single", direction: "in", amount: null, at: "P40M" }],
    };
    const reply = await fetch("/api/problems", {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({ problem }),
    });
    return ((await reply.json()) as { id: string }).id;
  });
  await page.goto(`${moor.url}/problems/${id}`);
  await expect(moor.figure.first()).toBeVisible();
  await expect(
    page.getByRole("list", { name: "Cash flows on the timeline" }).getByRole("listitem"),
  ).toHaveCount(41);
  const before = await moor.figure.first().textContent();
  await moor.type(moor.amount(20), "5000");
  await expect(moor.figure.first()).not.toHaveText(before ?? "");
  await page.getByRole("tab", { name: "Value at a date" }).click();
  await expect(
    page.getByRole("region", { name: "Value of each line" }).getByRole("row"),
  ).toHaveCount(42);
});

test("a pasted table with heads and currency signs becomes amounts; one of words is refused at its first fault", async ({
  moor,
  page,
}) => {
  await moor.startProblem("Uneven cash flows");
  const list = page.getByRole("textbox", { name: /^Amounts in order/ });
  const paste = async (text: string) => {
    await page.evaluate((copied) => navigator.clipboard.writeText(copied), text);
    await list.click();
    await list.press("ControlOrMeta+a");
    await list.press("ControlOrMeta+v");
  };
  await paste("Year\tFlow\n0\t($1,000.00)\n1\t$400.00\n2\t$400.00\n3\t$450.00");
  await expect(list).toHaveValue("($1,000.00); $400.00; $400.00; $450.00");
  await moor.type(moor.rate, "6");
  // 400/1.06 + 400/1.06² + 450/1.06³ − 1,000
  await moor.expectAnswer("111.19");
  const posts = page.getByRole("region", { name: "Timeline" }).locator("[data-post]");
  await expect(posts).toHaveCount(4);
  await paste("Year\tKeeper\n1\tHilda\n2\tTam");
  await expect(page.getByText(/^Cannot read amount 1, “Year”/)).toBeVisible();
  await page.keyboard.press("Control+z");
  await moor.expectAnswer("111.19");
});
