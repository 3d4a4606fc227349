import type { Browser, Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { expectNoViolations } from "../support/expect-no-violations";
import { expect, test, type Moor } from "../support/fixtures";

/** Another computer: a browser that has nothing of this one. */
async function elsewhere(browser: Browser, address: string): Promise<Page> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(address);
  return page;
}

/** One problem of one's own: the demo notebook alone is nobody's. */
async function changeFund(moor: Moor): Promise<void> {
  await moor.openProblem("Extractor fund");
  await moor.type(moor.amount(0), "6000");
  await moor.expectSaved();
  await moor.openNotebook();
}

/** The first amount on the page of a problem, on whatever computer. */
const firstAmount = (page: Page) => page.getByRole("textbox", { name: /^Amount of money/ }).first();

async function openKeeping(page: Page): Promise<void> {
  await page.getByRole("link", { name: "Keep your notebook" }).click();
  await expect(page.getByRole("heading", { name: "Bin" })).toBeVisible();
}

test("a key opens the notebook on another computer, and a mistyped one says which word", async ({
  moor,
  page,
  browser,
}) => {
  await changeFund(moor);
  await openKeeping(page);
  await page.getByRole("button", { name: "Make a notebook key" }).click();
  await expect(page.getByText("Write it down now.")).toBeVisible();
  const key = await page.getByText(/^[a-z]+( [a-z]+){6}$/).innerText();
  await expectNoViolations(page);

  const other = await elsewhere(browser, `${moor.url}/keep`);
  const words = other.getByRole("textbox", { name: "The seven words, in their order" });
  await words.fill(`${key.slice(0, key.lastIndexOf(" "))} abel`);
  await words.press("Tab");
  await other.keyboard.press("Enter");
  await expect(other.getByRole("alert")).toHaveText(
    "“abel” is not a word of a notebook key. Check its spelling.",
  );
  await expectNoViolations(other);
  await words.fill(key.toUpperCase());
  await other.getByRole("button", { name: "Open the notebook" }).click();
  await expect(other.getByText("Your notebook is open.")).toBeVisible();
  await other.getByRole("link", { name: "Extractor fund" }).click();
  await expect(firstAmount(other)).toHaveValue("6000");

  await test.step("and is closed there again", async () => {
    await other.goto(`${moor.url}/keep`);
    await expect(other.getByText("in this browser and in one other.")).toBeVisible();
    await other.getByRole("button", { name: "Close it in this browser" }).click();
    await other.getByRole("button", { name: "Close it here" }).click();
    await other.getByRole("link", { name: "Extractor fund" }).click();
    await expect(firstAmount(other)).not.toHaveValue("6000");
  });
  await other.context().close();
});

test("the whole notebook goes to a file and back, and a second time adds nothing", async ({
  moor,
  page,
  browser,
}) => {
  await changeFund(moor);
  await openKeeping(page);
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Save the notebook as a file" }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^kestrelmoor-\d{4}-\d\d-\d\d\.notebook\.json$/);
  const text = readFileSync(await download.path(), "utf8");

  const other = await elsewhere(browser, `${moor.url}/keep`);
  const file = { name: "mine.notebook.json", mimeType: "application/json" };
  const picker = other.getByLabel("Notebook file");
  await picker.setInputFiles({ ...file, buffer: Buffer.from(text.slice(0, 300)) });
  await expect(other.getByRole("alert")).toContainText("a part of it is missing");
  await picker.setInputFiles({ ...file, buffer: Buffer.from(text) });
  await expect(other.getByText("1 problem added.")).toBeVisible();
  await picker.setInputFiles({ ...file, buffer: Buffer.from(text) });
  await expect(other.getByText("1 problem was here already.")).toBeVisible();
  await other.getByRole("link", { name: "Notebook", exact: true }).click();
  await other.getByRole("link", { name: "Extractor fund" }).click();
  await expect(firstAmount(other)).toHaveValue("6000");
  await other.context().close();
});

test("the bin gives back what was deleted, and is emptied by keyboard", async ({ moor, page }) => {
  await moor.openNotebook();
  const remove = async (title: string) => {
    await page.getByRole("button", { name: `More for ${title}` }).click();
    await page.getByRole("menuitem", { name: "Delete" }).click();
    await expect(page.getByText(`“${title}” was moved to the bin.`)).toBeVisible();
  };
  await remove("Extractor fund");
  await remove("Hive deposits");
  await openKeeping(page);
  const bin = page.getByRole("region", { name: "Bin" });
  await expect(bin.getByRole("listitem")).toHaveText([/^Hive deposits/, /^Extractor fund/]);
  await bin.getByRole("button", { name: "Restore “Hive deposits”" }).press("Enter");
  await expect(bin.getByRole("listitem")).toHaveText([/^Extractor fund/]);
  await bin.getByRole("button", { name: "Empty the bin" }).press("Enter");
  await expect(bin.getByRole("button", { name: "Remove for good" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(bin).toContainText("The bin is empty.");
  await page.getByRole("link", { name: "Notebook", exact: true }).click();
  await expect(page.getByRole("link", { name: "Hive deposits" })).toBeVisible();
  await expect(page.getByRole("link", { name: "Extractor fund" })).toBeHidden();
});

test("a link shows a copy, which is tried out, copied, brought up to date and taken back", async ({
  moor,
  page,
  browser,
}) => {
  await moor.openProblem("Extractor fund");
  await moor.type(moor.amount(0), "6000");
  await page.getByRole("button", { name: "Share" }).click();
  const dialog = page.getByRole("dialog", { name: "Share this problem" });
  await dialog.getByRole("button", { name: "Make a link" }).click();
  const link = await dialog.getByLabel("Link to the copy").inputValue();
  await expectNoViolations(page);

  const reader = await elsewhere(browser, link);
  const amount = firstAmount(reader);
  await expect(amount).toHaveValue("6000");
  await expectNoViolations(reader);
  await amount.fill("7000");
  await reader.reload();
  await expect(amount).toHaveValue("6000");
  await amount.fill("7100");
  await reader.getByRole("button", { name: "Copy to my notebook" }).click();
  await expect(reader).toHaveURL(/\/problems\//);
  await expect(amount).toHaveValue("7100");

  await page.keyboard.press("Escape");
  await moor.type(moor.amount(0), "6500");
  await page.getByRole("button", { name: "Share" }).click();
  await expect(dialog).toContainText("The problem has changed since then.");
  await dialog.getByRole("button", { name: "Update the copy" }).click();
  await expect(dialog).not.toContainText("The problem has changed since then.");
  await reader.goto(link);
  await expect(amount).toHaveValue("6500");
  await dialog.getByRole("button", { name: "Take the link back" }).click();
  await expect(dialog).toContainText("The link no longer leads anywhere.");
  await reader.goto(link);
  await expect(reader.getByRole("heading", { name: "Nothing is shared here" })).toBeVisible();
  await reader.context().close();
});

test("two tabs that were changed without the server keep both texts", async ({
  moor,
  page,
  context,
  application,
}) => {
  await moor.openProblem("Extractor fund");
  const other = await context.newPage();
  await other.goto(page.url());
  const theirs = firstAmount(other);
  await expect(theirs).toBeVisible();
  await application.stop();
  await moor.type(moor.amount(0), "1111");
  await expect(page.getByText("Kept in this browser; trying again…")).toBeVisible();
  await theirs.fill("2222");
  await expect(other.getByText("Kept in this browser; trying again…")).toBeVisible();
  const address = page.url();
  await other.close();
  await page.close();
  await application.start();

  const later = await context.newPage();
  await later.goto(moor.url);
  const card = later.getByRole("article", { name: "Extractor fund", exact: true });
  await expect(card).toContainText("Some changes are in this browser only.");
  await later.goto(address);
  const amount = firstAmount(later);
  await expect(amount).toHaveValue("2222");
  await expect(later.getByText("Another tab had changed this problem too.")).toBeVisible();
  await expect(later.locator("[data-save-state=saved]")).toBeVisible();
  await later.getByRole("link", { name: "Notebook", exact: true }).click();
  await expect(card).toBeVisible();
  await expect(card).not.toContainText("in this browser only");
  await later.getByRole("link", { name: "Extractor fund (other tab)" }).click();
  await expect(amount).toHaveValue("1111");
});

test("a browser whose storage is full says so, and asks before the page is left", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Extractor fund");
  await page.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
  });
  await page.route("**/api/problems/*", (route) => route.abort());
  await moor.type(moor.amount(0), "4321");
  await expect(page.getByText("This browser cannot keep it either")).toBeVisible();
  const asked = new Promise<string>((resolve) => {
    page.once("dialog", (dialog) => {
      resolve(dialog.type());
      void dialog.dismiss();
    });
  });
  await page.close({ runBeforeUnload: true });
  expect(await asked).toBe("beforeunload");
  await expect(moor.amount(0)).toHaveValue("4321");
});
