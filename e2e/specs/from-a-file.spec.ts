import { expect, test, type Moor } from "../support/fixtures";

const loan = (parts: object, flows: readonly object[] = []) => ({
  format: "kestrelmoor-problem",
  version: 1,
  title: "An extractor on credit",
  rates: [{ percent: 7.4, quoted: "nominal", compounding: "P1M" }],
  flows: [
    { id: "loan", kind: "single", direction: "in", amount: 86_000, at: "P0D" },
    {
      id: "repayments",
      kind: "stream",
      direction: "out",
      amount: null,
      every: "P1M",
      count: 96,
      timing: "end",
      begins: "P0D",
      ...parts,
    },
    ...flows,
  ],
});

async function openFile(moor: Moor, problem: object): Promise<void> {
  await moor.openNotebook();
  await moor.page.locator("input[type=file]").setInputFiles({
    name: "extractor.problem.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify(problem)),
  });
  await expect(moor.amount(0)).toBeVisible();
}

test("a loan from a file is solved, and solved again when a value changes", async ({ moor }) => {
  const residual = {
    id: "residual",
    kind: "single",
    direction: "out",
    amount: { times: 0.3, of: "loan" },
    at: { endOf: "repayments" },
  };
  await openFile(moor, loan({}, [residual]));
  // 86,000 less 25,800 discounted 96 months at 7.4/12%, over the annuity factor of as many payments.
  await moor.expectAnswer("991.88");
  await expect(moor.answer).toContainText("You pay");
  await moor.typeKeyByKey(moor.rate, "0%");
  await moor.expectAnswer("627.08");
  await moor.expectSaved();
  await moor.page.reload();
  await moor.expectAnswer("627.08");
});

test("a number of payments is given in whole payments, with their duration", async ({ moor }) => {
  await openFile(moor, loan({ amount: 1200, count: null }));
  await moor.expectAnswer("94.88");
  await expect(moor.answer).toContainText("94 full payments and a final payment of");
  await expect(moor.answer).toContainText("7 years 11 months");
});

test("payments below the interest get a message with the smallest that suffices", async ({
  moor,
}) => {
  await openFile(moor, loan({ amount: 500, count: null }));
  await expect(moor.answer).toContainText("does not cover the interest");
  await expect(moor.answer).toContainText("above 530.33");
});
