import { killDatabase } from "../support/database-process";
import { expect, test } from "../support/fixtures";

test("without the server the page goes on working, and saves afterwards", async ({
  moor,
  page,
  application,
}) => {
  await moor.openProblem("Extractor fund");
  // The whole page is there, with its view, before the server goes away.
  await expect(moor.workings.locator("math").first()).toBeAttached();
  await application.stop();
  await moor.type(moor.amount(0), "5000");
  await moor.expectAnswer("5,551.27");
  await expect(page.getByText("Kept in this browser; trying again…")).toBeVisible();

  await test.step("a reload meanwhile would lose nothing", async () => {
    const kept = await page.evaluate(() => JSON.stringify(Object.entries(localStorage)));
    expect(kept).toContain("5000");
  });

  await test.step("a view that was never opened waits for the server", async () => {
    await page.getByRole("tab", { name: "Mark my answer" }).click();
    await expect(page.getByText("Cannot load this part of the page. Trying again…")).toBeVisible();
    await expect(moor.amount(0)).toHaveValue("5000");
  });

  await application.start();
  await moor.expectSaved();
  await expect(page.getByRole("tabpanel").getByRole("textbox").first()).toBeVisible();
  await page.reload();
  await expect(moor.amount(0)).toHaveValue("5000");
});

test("a database that is killed while the page is open is started again, and nothing is lost", async ({
  moor,
  page,
  application,
}) => {
  await moor.openProblem("A new roof for the barn");
  killDatabase(application.dataFolder);
  await moor.type(moor.amount(1), "40000");
  await moor.expectAnswer("31,250.26");
  await moor.expectSaved();
  await page.reload();
  await expect(moor.amount(1)).toHaveValue("40000");
});

test("a browser that blocks cookies is told before anything is typed", async ({ moor, page }) => {
  const warning = page.getByText("This browser blocks cookies");
  await moor.openNotebook();
  await expect(warning).toBeHidden();
  await page.addInitScript(() =>
    Object.defineProperty(Navigator.prototype, "cookieEnabled", { get: () => false }),
  );
  await page.reload();
  await expect(warning).toBeVisible();
});

test("a link from another site opens the notebook, and takes nothing away", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Extractor fund");
  await moor.type(moor.amount(0), "6000");
  await moor.expectSaved();
  const address = page.url();
  // Another host of this machine is another site.
  const elsewhere = new URL(address);
  elsewhere.hostname = elsewhere.hostname === "localhost" ? "127.0.0.1" : "localhost";
  await page.route(elsewhere.href, (route) =>
    route.fulfill({
      contentType: "text/html",
      body: `<a href="${address}">the problem</a><a href="${new URL("/api/problems", address).href}">the list</a>`,
    }),
  );
  for (const name of ["the list", "the problem"]) {
    await page.goto(elsewhere.href);
    await page.getByRole("link", { name }).click();
    await page.waitForURL(new RegExp(new URL(address).hostname));
  }
  await expect(moor.amount(0)).toHaveValue("6000");
});

test("what never reached the server is there when the browser comes back", async ({
  moor,
  page,
}) => {
  await moor.openProblem("Extractor fund");
  await page.route("**/api/problems/*", (route) =>
    route.request().method() === "PUT" ? route.abort() : route.continue(),
  );
  await moor.type(moor.amount(0), "7777");
  await expect(page.getByText("Kept in this browser; trying again…")).toBeVisible();
  await page.unroute("**/api/problems/*");
  await page.goto("about:blank");
  await page.goBack();
  await expect(moor.amount(0)).toHaveValue("7777");
  await moor.expectSaved();
});

test.describe("two windows on one problem", () => {
  test.beforeEach(async ({ moor, page, context }) => {
    await moor.openProblem("Extractor fund");
    const other = await context.newPage();
    await other.goto(page.url());
    const theirs = other.getByRole("textbox", { name: /^Amount of money/ }).first();
    await theirs.fill("1111");
    await expect(other.locator("[data-save-state=saved]")).toBeVisible();
    await other.close();
    await moor.type(moor.amount(0), "2222");
    await expect(page.getByRole("alert")).toContainText("changed elsewhere");
  });

  test("keep both", async ({ moor, page }) => {
    await page.getByRole("button", { name: "Keep both" }).click();
    await expect(moor.amount(0)).toHaveValue("1111");
    await moor.expectSaved();
    await moor.openNotebook();
    await page.getByRole("link", { name: "Extractor fund (mine)" }).click();
    await expect(moor.amount(0)).toHaveValue("2222");
  });

  test("keep mine", async ({ moor, page }) => {
    await page.getByRole("button", { name: "Keep this version" }).click();
    await moor.expectSaved();
    await page.reload();
    await expect(moor.amount(0)).toHaveValue("2222");
  });

  test("use the other, and undo brings mine back", async ({ moor, page }) => {
    await page.getByRole("button", { name: "Use the other version" }).click();
    await expect(moor.amount(0)).toHaveValue("1111");
    await moor.expectSaved();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(moor.amount(0)).toHaveValue("2222");
    await moor.expectSaved();
  });
});

test("a problem that was deleted elsewhere is kept as a new one", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  const id = page.url().split("/").at(-1) ?? "";
  await page.evaluate((gone) => fetch(`/api/problems/${gone}`, { method: "DELETE" }), id);
  await moor.type(moor.amount(0), "3333");
  await page.getByRole("button", { name: "Save as a new problem" }).click();
  await expect(page).not.toHaveURL(new RegExp(id));
  await expect(moor.amount(0)).toHaveValue("3333");
  await moor.expectSaved();
});
