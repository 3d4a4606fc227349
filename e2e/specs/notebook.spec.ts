import { chooseFromMenu } from "../support/choose-from-menu";
import { expect, test } from "../support/fixtures";

test("shows the demo problems as small timelines with their answers", async ({ moor, page }) => {
  await moor.openNotebook();
  const card = page.getByRole("article", { name: "Extractor fund" });
  await expect(card).toContainText("After 3 years 4 months, you receive 4,996.14.");
  await expect(card.locator("svg").first()).toBeVisible();
  expect(await page.getByRole("article").count()).toBeGreaterThanOrEqual(6);
});

test("renames, duplicates, deletes and takes the deletion back", async ({ moor, page }) => {
  await moor.openNotebook();
  const choose = async (title: string, item: string) => {
    await page.getByRole("button", { name: `More for ${title}` }).click();
    // On a busy machine a menu that is still opening may slip from under the pointer; one that is still
    // closing would be taken for the next one.
    await expect(async () => {
      const wanted = page.getByRole("menuitem", { name: item });
      if ((await wanted.count()) > 0) await wanted.click({ timeout: 2000 });
      await expect(page.getByRole("menu")).toHaveCount(0, { timeout: 2000 });
    }).toPass({ timeout: 20_000 });
  };
  await choose("Extractor fund", "Rename");
  await page.getByRole("textbox", { name: "New title" }).fill("Extractor, second try");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("article", { name: "Extractor, second try" })).toBeVisible();

  await choose("Extractor, second try", "Duplicate");
  const copy = page.getByRole("article", { name: "Extractor, second try (copy)" });
  await expect(copy).toContainText("4,996.14");

  await choose("Extractor, second try (copy)", "Delete");
  await expect(copy).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(copy).toBeVisible();
});

test("searches titles and questions, and says when nothing is found", async ({ moor, page }) => {
  await moor.openNotebook();
  const search = page.getByRole("searchbox");
  await search.fill("apprentice");
  await expect(page.getByRole("article")).toHaveCount(1);
  await expect(page.getByRole("article", { name: "What the bursary will buy" })).toBeVisible();
  await search.fill("zebra");
  await expect(page.getByText("No title or question contains “zebra”.")).toBeVisible();
});

test("another browser has a notebook of its own", async ({ moor, browser, page }) => {
  await moor.openProblem("Extractor fund");
  await page.getByRole("textbox", { name: "Title of the problem" }).fill("Nobody else's");
  await moor.expectSaved();
  const other = await browser.newContext();
  const otherPage = await other.newPage();
  await otherPage.goto(moor.url);
  await expect(otherPage.getByRole("article", { name: "Extractor fund" })).toBeVisible();
  await expect(otherPage.getByText("Nobody else's")).toHaveCount(0);
  // A demo problem has the same address for everybody, and everybody's own content.
  await otherPage.goto(page.url());
  await expect(otherPage.getByRole("textbox", { name: "Title of the problem" })).toHaveValue(
    "Extractor fund",
  );
  await moor.startProblem("Regular saving");
  await moor.expectSaved();
  await otherPage.goto(page.url());
  await expect(otherPage.getByRole("heading", { name: "not in your notebook" })).toBeVisible();
  await other.close();
});

test("an emptied notebook says how to begin", async ({ moor, page }) => {
  await moor.openNotebook();
  await page.evaluate(async () => {
    const list = (await (await fetch("/api/problems?pageSize=100")).json()) as {
      items: { id: string }[];
    };
    for (const { id } of list.items) await fetch(`/api/problems/${id}`, { method: "DELETE" });
  });
  await page.reload();
  await expect(page.getByText("No problems yet. Choose the problem type above")).toBeVisible();
});

test("saves a problem as a file, and opens it again as another", async ({ moor, page }) => {
  await moor.openNotebook();
  await page.getByRole("button", { name: "More for The lender changes its rate" }).click();
  const download = page.waitForEvent("download");
  await chooseFromMenu(page, "Save as a file");
  const saved = await download;
  expect(saved.suggestedFilename()).toBe("the-lender-changes-its-rate.problem.json");
  await page.getByLabel("Problem file").setInputFiles(await saved.path());
  await expect(page).toHaveURL(/\/problems\//);
  await moor.expectAnswer("29,613.41");
});

test("an unreadable or newer file gets a message beside the button", async ({ moor, page }) => {
  await moor.openNotebook();
  const choose = (name: string, text: string) =>
    page
      .getByLabel("Problem file")
      .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });
  await choose("honey.json", "honey");
  await expect(page.getByRole("alert")).toContainText("This file is not JSON");
  await choose("tomorrow.problem.json", '{"format":"kestrelmoor-problem","version":3}');
  await expect(page.getByRole("alert")).toContainText("from a newer version (3");
  await page.getByRole("alert").getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("alert")).toHaveCount(0);
});

test("starts a problem from the words of a question", async ({ moor, page }) => {
  await moor.openNotebook();
  await page.getByRole("textbox", { name: "Start from the text of a question" }).click();
  await page.keyboard.type("A hive costs 480. What will 480 become in 5 years at 2%?");
  await page.getByRole("button", { name: "Open this problem" }).click();
  await expect(moor.amount(0)).toHaveValue("480");
  await moor.expectAnswer("529.96");
});
