import { expect, test } from "../support/fixtures";

test("every demo problem fits into 1280 × 800 without scrolling, has its workings and is proved", async ({
  moor,
  page,
  demo,
}) => {
  test.setTimeout(180_000);
  expect(demo.size).toBeGreaterThan(15);
  const tooLow: string[] = [];
  for (const title of demo.keys()) {
    await test.step(title, async () => {
      await moor.openProblem(title);
      await expect(moor.figure.first()).toBeVisible();
      const bottom = await page.evaluate(() => {
        const parts = document.querySelectorAll(
          "[aria-labelledby=lines-name] li, [aria-labelledby=answer-name] dl",
        );
        return Math.max(...[...parts].map((part) => part.getBoundingClientRect().bottom));
      });
      if (bottom > 800) tooLow.push(`${title}: ${bottom}`);
      await expect(moor.workings.locator("ol > li").first()).toContainText(
        "Write down what is given",
      );
      // Formulas are set one after another.
      await expect(moor.workings.locator("math").last()).toBeAttached();
      await expect(moor.workings.locator(".katex-error")).toHaveCount(0);
      await page.getByRole("tab", { name: "Proof" }).click();
      // That of the view: where there are parts, it stands in that of the open part.
      await expect(page.getByRole("tabpanel").last()).toContainText(
        /closes at 0\.00|never end|moved to the focal date/,
      );
      await expect(page.getByRole("region", { name: "Other methods" })).not.toContainText(
        "differs by",
      );
    });
  }
  expect(tooLow).toEqual([]);
});
