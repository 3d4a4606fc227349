import type { Locator, Page } from "@playwright/test";
import { expect, test } from "../support/fixtures";

/** Longer than a pause in typing that begins a new step to undo. */
const REST_MS = 1500;

/** Drags a part of the picture by so many pixels, in small steps as a hand does, which may rest on its way. */
async function drag(page: Page, part: Locator, by: number, rest = 0): Promise<void> {
  const box = await part.boundingBox();
  if (box === null) throw new Error("There is nothing to drag");
  const [x, y] = [box.x + box.width / 2, box.y + Math.min(8, box.height / 2)];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + by / 2, y, { steps: 4 });
  await page.waitForTimeout(rest);
  await page.mouse.move(x + by, y, { steps: 4 });
  await page.mouse.up();
}

const post = (page: Page, id: string) =>
  page.getByRole("region", { name: "Timeline" }).locator(`[data-post="${id}"] rect`).first();

test("amounts, ends of payments and rate changes are dragged in steps, and undone in one", async ({
  moor,
  page,
}) => {
  await test.step("the last payment", async () => {
    await moor.openProblem("Hive deposits");
    await drag(page, post(page, "deposits:39"), -324, REST_MS);
    await expect(moor.howLong(0)).toHaveValue("28 payments");
    await moor.expectAnswer("4,061.75");
    await page.keyboard.press("Control+z");
    await expect(moor.howLong(0)).toHaveValue("40 payments");
  });

  await test.step("the beginning of payments", async () => {
    await drag(page, post(page, "deposits:0"), 162);
    await expect(page.getByRole("textbox", { name: "Start of the first period" })).toHaveValue(
      "6 months",
    );
  });

  await test.step("a single amount", async () => {
    await moor.openProblem("The lender changes its rate");
    const years = await moor.when(1).inputValue();
    await drag(page, post(page, "balance"), -200);
    await expect(moor.when(1)).not.toHaveValue(years);
    await expect(moor.when(1)).toHaveValue(/^\d+ years?( \d+ months?)?$/);
  });

  await test.step("a change of rate", async () => {
    const from = page.getByRole("textbox", { name: "Start of this rate" });
    const before = await from.inputValue();
    await drag(page, page.locator("[data-part=rate-change]"), -120);
    await expect(from).not.toHaveValue(before);
  });
});

test("the arrow keys move a time as dragging does", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await moor.howLong(0).focus();
  await page.keyboard.press("ArrowUp");
  await expect(moor.howLong(0)).toHaveValue("41 payments");
  await page.keyboard.press("Shift+ArrowDown");
  await expect(moor.howLong(0)).toHaveValue("29 payments");
  const begins = page.getByRole("textbox", { name: "Start of the first period" });
  await begins.focus();
  await page.keyboard.press("ArrowDown");
  await expect(begins).toHaveValue("today");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowUp");
  await expect(begins).toHaveValue("2 months");
});

test("a time given by another line, or unknown, cannot be dragged", async ({ moor, page }) => {
  await moor.openProblem("Hive deposits");
  await drag(page, post(page, "fund"), -200);
  await expect(moor.when(0)).toHaveValue("when deposits end");
});

test("a click on an empty time adds an amount there", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  const axis = page.locator("[data-part=axis]");
  const box = await axis.boundingBox();
  if (box === null) throw new Error("There is an axis");
  await page.mouse.move(box.x + box.width / 2, box.y + 10);
  await expect(page.getByText(/^add an amount after/)).toBeVisible();
  await page.mouse.click(box.x + box.width / 2, box.y + 10);
  await expect(moor.amount(2)).toBeFocused();
  await expect(moor.when(2)).toHaveValue(/^1 year 7 months|1 year 8 months$/);
});

test("the focal date is moved along the axis, and the values agree at every date", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Hive deposits");
  const handle = page.getByRole("slider", { name: "Focal date" });
  await handle.focus();
  const timeline = page.getByRole("region", { name: "Timeline" });
  await expect(timeline).toContainText("Value at this date: today");
  await page.keyboard.press("PageUp");
  await expect(handle).toHaveAttribute("aria-valuetext", "after 1 year: net value 0.00");
  await expect(timeline).toContainText("5,479.41");
  await page.keyboard.press("End");
  await expect(timeline).toContainText("Fundin5,895.62");
  await expect(timeline).toContainText("Depositsout5,895.62");
  await page.keyboard.press("Home");
  await drag(page, handle, 324);
  await expect(handle).toHaveAttribute("aria-valuetext", /^after 1 year:/);

  await page.getByRole("tab", { name: "Value at a date" }).click();
  const shares = page.getByRole("region", { name: "Value of each line" });
  await expect(shares).toContainText("Value after 1 year");
  await page.getByRole("textbox", { name: "Focal date:" }).fill("3y 4m");
  await expect(shares.getByRole("row", { name: /^Fund/ })).toContainText("in5,895.62");
  await expect(shares.getByRole("row", { name: /^Net value/ })).toContainText("0.00");
  await page.getByRole("textbox", { name: "Focal date:" }).fill("whenever");
  await expect(page.getByRole("tabpanel")).toContainText("Cannot read “whenever”");
});

test("the first year of a long timeline can be enlarged", async ({ moor, page }) => {
  await moor.openProblem("A bursary, saved and drawn down");
  const posts = page.getByRole("region", { name: "Timeline" }).locator("[data-post]");
  await expect(posts).toHaveCount(4);
  await page.getByRole("button", { name: "First year" }).click();
  await expect(posts).toHaveCount(12);
  await page.getByRole("button", { name: "Whole timeline" }).click();
  await expect(posts).toHaveCount(4);
});
