import { expect, test } from "../support/fixtures";

test("a place's own script is asked for by the document, not by the script before it", async ({
  page,
  moor,
}) => {
  await moor.openProblem("Extractor fund");
  const problem = page.url();
  for (const place of ["/", problem, "/keep", "/rates", "/tables"]) {
    const answer = await page.goto(new URL(place, problem).href);
    const document = (await answer?.text()) ?? "";
    const loaded = await page.evaluate(async () => {
      const own = () =>
        performance
          .getEntriesByType("resource")
          .map(({ name }) => new URL(name).pathname)
          .filter((name) => /\/[A-Z]\w*Page-[^/]*\.js$/.test(name));
      while (own().length === 0) await new Promise((resolve) => setTimeout(resolve, 50));
      return own();
    });
    for (const script of loaded)
      expect(document).toContain(`modulepreload" crossorigin href="${script}"`);
  }
});

test("a problem is asked for with its page, and once", async ({ page, moor }) => {
  await moor.openProblem("Extractor fund");
  const asked: string[] = [];
  page.on("request", (request) => {
    if (/\/api\/problems\/[^/]+$/.test(request.url())) asked.push(request.method());
  });
  await page.reload();
  await expect(moor.amount(0)).toBeVisible();
  expect(asked).toEqual(["GET"]);
});
