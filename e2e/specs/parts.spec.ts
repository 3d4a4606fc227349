import { readFile } from "node:fs/promises";
import { chooseFromMenu } from "../support/choose-from-menu";
import { expectNoViolations } from "../support/expect-no-violations";
import { expect, test, type Moor } from "../support/fixtures";

/** The loan of the exercise: 184,000 over 25 years at 3.9% compounded monthly, 961.09 a month. */
async function typeLoan(moor: Moor): Promise<void> {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "184000");
  await moor.type(moor.howLong(0), "25 years");
  await moor.type(moor.rate, "3.9");
  await moor.expectAnswer("961.09");
}

/** Adds a ready-made next part, with what it asks for by the words in front of its fields. */
async function addReady(
  { page }: Moor,
  name: string,
  texts: Readonly<Record<string, string>> = {},
): Promise<void> {
  await page.getByRole("button", { name: "Next part" }).click();
  await page.getByRole("dialog").getByRole("button", { name }).click();
  if (Object.keys(texts).length === 0) return;
  for (const [words, text] of Object.entries(texts)) {
    await page.getByRole("dialog").getByLabel(words).fill(text);
  }
  await page.getByRole("button", { name: /^Add part/ }).click();
}

const tab = ({ page }: Moor, label: string) =>
  page
    .getByRole("tablist", { name: "Parts of the question" })
    .getByRole("tab", { name: new RegExp(`^\\(${label}\\)`) });

test.describe("ready-made next parts, with the figures of a lecture", () => {
  // Worked apart, in 40-digit decimals.
  const walks: readonly {
    readonly name: string;
    readonly texts: Readonly<Record<string, string>>;
    readonly answer: string;
    readonly effective?: string;
  }[] = [
    {
      name: "Renew at another rate",
      texts: { After: "5 years", "New rate": "5.2%" },
      answer: "1,073.61",
    },
    {
      name: "Refinance",
      texts: { "New rate": "3.1%", "Penalty, of the balance": "2%", "Other costs": "600" },
      answer: "916.59",
    },
    {
      name: "Pay it off early",
      texts: {
        After: "60 months",
        "Fee at the start, of the loan": "1%",
        "Penalty at the end, of the balance": "2%",
      },
      answer: "4.4685%",
      effective: "4.5611%",
    },
    {
      name: "Fees and points",
      texts: { "Points, of the loan": "2%", "Other fees": "500" },
      answer: "4.1198%",
      effective: "4.1985%",
    },
    { name: "Half the payment every fortnight", texts: {}, answer: "569.56" },
  ];
  for (const { name, texts, answer, effective } of walks) {
    test(name, async ({ moor, page }) => {
      await typeLoan(moor);
      await addReady(moor, name, texts);
      await expect(tab(moor, "b")).toHaveAttribute("aria-selected", "true");
      await moor.expectAnswer(answer);
      await expect(tab(moor, "a")).toContainText("961.09");
      if (effective !== undefined) await expect(moor.answer).toContainText(effective);
      // It follows: a loan of twice the size.
      const before = await tab(moor, "b").textContent();
      await tab(moor, "a").click();
      await moor.type(moor.amount(0), "368000");
      await expect(tab(moor, "a")).toContainText("1,922.18");
      if (effective === undefined && texts["Other costs"] === undefined && answer !== "569.56") {
        await expect(tab(moor, "b")).not.toHaveText(before ?? "");
      }
      await page.keyboard.press("ControlOrMeta+z");
      await expect(tab(moor, "a")).toContainText("961.09");
    });
  }

  test("Refinance also says the value of the change", async ({ moor }) => {
    await typeLoan(moor);
    const texts = { "New rate": "3.1%", "Penalty, of the balance": "2%", "Other costs": "600" };
    await addReady(moor, "Refinance", texts);
    await tab(moor, "c").click();
    await moor.expectAnswer("7,952.31");
  });

  test("Settle interest at each payment", async ({ moor, page }) => {
    await moor.startProblem("Simple interest");
    await moor.type(moor.amount(0), "5000");
    await moor.type(moor.rate, "6%");
    const when = page.getByRole("textbox", { name: "When", exact: true });
    await moor.type(when.nth(1), "1 year");
    for (const [place, amount, time] of [
      [2, "1000", "3 months"],
      [3, "1500", "8 months"],
    ] as const) {
      await page.getByRole("button", { name: "Add a line" }).click();
      await chooseFromMenu(page, "A single amount");
      await moor.type(moor.amount(place), amount);
      await moor.type(when.nth(place), time);
      await page.getByRole("button", { name: "Switch to money in" }).last().click();
    }
    // At one focal date: 5,300 − 1,000 × 1.045 − 1,500 × 1.02.
    await moor.expectAnswer("2,725.00");
    await addReady(moor, "Settle interest at each payment");
    await expect(tab(moor, "b")).toContainText("Due after 3 months 5,075.00");
    await expect(tab(moor, "c")).toContainText("Due after 8 months 4,176.88");
    await expect(tab(moor, "d")).toContainText("Due after 1 year 2,730.41");
  });

  test("Then draw it down", async ({ moor }) => {
    await moor.startProblem("Regular saving");
    await moor.type(moor.amount(0), "200");
    await moor.type(moor.howLong(0), "10 years");
    await moor.type(moor.rate, "6");
    await moor.expectAnswer("32,775.87");
    await addReady(moor, "Then draw it down", { For: "20 years", "Rate then": "4%" });
    await moor.expectAnswer("198.62");
  });
});

test("a loan with two rates asks once whether its payment stays, and says both", async ({
  moor,
  page,
}) => {
  await typeLoan(moor);
  await page.getByRole("button", { name: "Add a line" }).click();
  await chooseFromMenu(page, "A rate change");
  const second = page.getByRole("textbox", { name: "New rate", exact: true });
  await moor.type(second, "5.2");
  await moor.type(page.getByRole("textbox", { name: "Start of this rate" }), "5 years");
  await page.keyboard.press("Tab");
  await moor.expectAnswer("1,039.02");
  await expect(
    page.getByText(
      "One payment for both rates is 1,039.02. Recalculated when the rate changes, it is 961.09, then 1,073.61.",
    ),
  ).toBeVisible();
  await page.getByRole("button", { name: "Recalculate it" }).click();
  await moor.expectAnswer("961.09");
  await expect(tab(moor, "b")).toContainText("1,073.61");
  await page.keyboard.press("ControlOrMeta+z");
  await page.getByRole("button", { name: "Keep one payment" }).click();
  await expect(page.getByText(/One payment for both rates/)).toHaveCount(0);
  await moor.expectAnswer("1,039.02");
});

test.describe("problem types of several parts", () => {
  const typeEach = async (moor: Moor, texts: readonly string[]) => {
    for (const text of texts) {
      await moor.page.keyboard.type(text);
      await moor.page.keyboard.press("Enter");
    }
  };

  test("a note sold early, by keyboard only", async ({ moor, page }) => {
    await moor.startProblem("A note sold early");
    await typeEach(moor, ["8000", "9m", "6"]);
    await moor.expectAnswer("8,360.00");
    await tab(moor, "a").focus();
    await page.keyboard.press("ArrowRight");
    await moor.when(1).focus();
    await typeEach(moor, ["4m", "9"]);
    // 8,360 less 9% of it for a third of a year
    await moor.expectAnswer("8,109.20");
  });

  test("a mortgage renewed: the rate, the balance and the rest of the time are taken up", async ({
    moor,
  }) => {
    await moor.startProblem("Mortgage renewal");
    await typeEach(moor, ["184000", "25 years", "3.9"]);
    await moor.expectAnswer("961.09");
    await tab(moor, "b").click();
    await moor.type(moor.howLong(0), "5 years");
    await moor.expectAnswer("159,988.45");
    await tab(moor, "c").click();
    await expect(moor.howLong(0)).toHaveValue("term of (a) - term of (b)");
    await moor.type(moor.rate, "5.2");
    await moor.expectAnswer("1,073.61");
  });
});

test.describe("a field takes up an earlier part", () => {
  test("as it is typed, with every digit or to the cent, and follows", async ({ moor, page }) => {
    await typeLoan(moor);
    await addReady(moor, "From its answer on");
    await expect(moor.amount(0)).toHaveValue("answer of (a)");
    await moor.type(moor.when(1), "1 year");
    await moor.type(moor.rate, "100% effective");
    await moor.expectAnswer("1,922.18");
    await moor.type(moor.amount(0), "half the payment of (a), rounded");
    await expect(page.getByText("480.55, rounded")).toBeVisible();
    await moor.expectAnswer("961.09");
    await moor.type(moor.amount(0), "balance after 5 years of (a) - 59,988.45");
    // (159,988.4471… − 59,988.45) × 2
    await moor.expectAnswer("199,999.99");
    await tab(moor, "a").click();
    await moor.type(moor.rate, "0%");
    await tab(moor, "b").click();
    // 184,000 × 240/300, without interest
    await moor.expectAnswer("174,423.10");
  });

  test("or picked from the field's panel", async ({ moor, page }) => {
    await typeLoan(moor);
    await moor.askFurther(/Balance after a time/, "5 years");
    await addReady(moor, "From its answer on");
    await moor.type(moor.when(1), "1 year");
    await moor.type(moor.rate, "100% effective");
    await moor.amount(0).focus();
    await page.keyboard.press("Alt+ArrowDown");
    const offered = page.getByRole("list", { name: "From earlier parts" });
    await expect(offered).toContainText("159,988.45");
    await offered.getByRole("button", { name: "balance after 5 years of (a)" }).press("Enter");
    await expect(moor.amount(0)).toHaveValue("balance after 5 years of (a)");
    await moor.expectAnswer("319,976.89");
  });

  test("and says what is wrong with a reference, or what it waits for", async ({ moor, page }) => {
    await typeLoan(moor);
    await addReady(moor, "From its answer on");
    await moor.type(moor.when(1), "1 year");
    await moor.type(moor.rate, "5");
    const wrong: readonly (readonly [string, RegExp])[] = [
      ["payment of (z)", /no such part/],
      ["payment of (b)", /refers to its own answer/],
      ["fee of (a)", /Part \(a\) has no “fee”/],
      ["rate of (a)", /That is a rate in part \(a\), and an amount belongs here/],
    ];
    for (const [typed, sentence] of wrong) {
      await moor.type(moor.amount(0), typed);
      await page.keyboard.press("Tab");
      await expect(page.getByText(sentence)).toBeVisible();
      await expect(moor.amount(0)).toHaveValue(typed);
    }
    await moor.type(moor.amount(0), "payment of (a)");
    await tab(moor, "a").click();
    await moor.type(moor.howLong(0), "");
    await moor.howLong(0).fill("");
    await expect(tab(moor, "b")).toContainText("waits for (a)");
    await tab(moor, "b").click();
    await expect(moor.answer).toContainText("This part waits for the answer of part (a).");
    await expect(moor.amount(0)).toHaveAttribute("aria-invalid", "false");
  });
});

test.describe("the parts of a question", () => {
  test("are kept, undone, named, removed and brought back", async ({ moor, page }) => {
    await typeLoan(moor);
    await addReady(moor, "Renew at another rate", { "New rate": "5.2%" });
    await moor.expectAnswer("1,073.61");
    await page.keyboard.press("ControlOrMeta+z");
    await expect(page.getByRole("tablist", { name: "Parts of the question" })).toHaveCount(0);
    await moor.expectAnswer("961.09");
    await page.keyboard.press("ControlOrMeta+Shift+z");
    await expect(tab(moor, "b")).toHaveAttribute("aria-selected", "true");
    await page.getByRole("button", { name: "More for part (b)" }).click();
    await chooseFromMenu(page, "Name part (b)");
    await page.getByLabel("Name of part (b)").fill("From then on");
    await page.keyboard.press("Enter");
    await expect(tab(moor, "b")).toHaveText(/^\(b\) From then on 1,073\.61$/);
    await moor.expectSaved();
    await page.reload();
    await expect(tab(moor, "b")).toHaveAttribute("aria-selected", "true");
    await moor.expectAnswer("1,073.61");
    await tab(moor, "a").click();
    await page.getByRole("button", { name: "More for part (a)" }).click();
    await chooseFromMenu(page, "Remove part (a)");
    await expect(moor.answer).toContainText(/cannot be read yet/);
    await page.keyboard.press("ControlOrMeta+z");
    await expect(tab(moor, "b")).toContainText("1,073.61");
  });

  test("undo of a change in another part opens that part", async ({ moor, page }) => {
    await typeLoan(moor);
    await addReady(moor, "Renew at another rate", { "New rate": "5.2%" });
    await moor.type(moor.rate, "6%");
    await page.keyboard.press("Tab");
    await tab(moor, "a").click();
    await expect(moor.rate).toHaveValue("3.9");
    await page.keyboard.press("ControlOrMeta+z");
    await expect(tab(moor, "b")).toHaveAttribute("aria-selected", "true");
    await moor.expectAnswer("1,073.61");
  });

  test("are gone through by the arrow keys, and break no rule of access", async ({
    moor,
    page,
  }) => {
    await moor.openProblem("The barn-roof mortgage renewed");
    await tab(moor, "a").focus();
    await page.keyboard.press("ArrowRight");
    await expect(tab(moor, "b")).toBeFocused();
    await moor.expectAnswer("159,988.45");
    await page.keyboard.press("ArrowRight");
    await moor.expectAnswer("1,073.61");
    await expectNoViolations(page);
    await page.getByRole("button", { name: "Next part" }).click();
    await expect(page.getByRole("dialog", { name: "Next part: (d)" })).toBeVisible();
    await expectNoViolations(page, "dialog");
    await page.keyboard.press("Escape");
    await expect(page.getByRole("button", { name: "Next part" })).toBeFocused();
  });

  test("a variant and a follow-up are made parts", async ({ moor, page }) => {
    await typeLoan(moor);
    await moor.askFurther(/Balance after a time/, "5 years");
    await page.getByRole("button", { name: /^Make it a part: Balance/ }).click();
    await moor.expectAnswer("159,988.45");
    await tab(moor, "a").click();
    await page.getByRole("button", { name: "Keep and vary" }).click();
    await page
      .getByRole("region", { name: "Variants" })
      .getByRole("button", { name: /^More for:/ })
      .click();
    await chooseFromMenu(page, "Make it a part");
    await expect(tab(moor, "c")).toContainText("961.09");
  });

  test("are marked, and a wrong answer used rightly is told as that", async ({ moor, page }) => {
    await moor.openProblem("The barn-roof mortgage renewed");
    await page.getByRole("tab", { name: "Mark my answer" }).click();
    const got = page.getByRole("textbox", { name: "Your answer", exact: true });
    // The payment at the start of each month, taken for that at its end.
    await moor.type(got, "957.98");
    await expect(page.getByText(/annuity due/)).toBeVisible();
    await tab(moor, "c").click();
    await moor.type(got, "1074.99");
    await expect(
      page.getByText(
        "Correct from your own answer to (a), which is not correct yet. The method here is right.",
      ),
    ).toBeVisible();
    await moor.type(got, "1073.61");
    await expect(page.getByText("Correct, to every digit you gave.")).toBeVisible();
  });

  test("are one sheet to hand in, one workbook, and one file that is opened again", async ({
    moor,
    page,
  }) => {
    await moor.openProblem("The barn-roof mortgage renewed");
    await page.getByRole("tab", { name: "Hand in" }).click();
    const sheet = page.getByRole("article", { name: "Hand-in sheet" });
    for (const heading of [
      "(a) Payment",
      "(b) Balance after 5 years",
      "(c) Payment after renewal",
    ]) {
      await expect(sheet.getByRole("heading", { name: heading, exact: true })).toBeVisible();
    }
    await expect(sheet).toContainText("payment of (a) = 961.09");
    const workbook = page.waitForEvent("download");
    await page.getByRole("button", { name: "workbook with live formulas" }).click();
    expect((await workbook).suggestedFilename()).toBe("the-barn-roof-mortgage-renewed.xlsx");
    await moor.returnToNotebook();
    await page.getByPlaceholder(/Search/).fill("renewed");
    const card = page.getByRole("article", { name: "The barn-roof mortgage renewed" }).first();
    await expect(card).toContainText("(a) 961.09 · (b) 159,988.45 · (c) 1,073.61");
    const saved = page.waitForEvent("download");
    await card.getByRole("button", { name: /^More for/ }).click();
    await chooseFromMenu(page, "Save as a file");
    const file = await saved;
    expect(file.suggestedFilename()).toBe("the-barn-roof-mortgage-renewed.question.json");
    const text = await readFile(await file.path(), "utf8");
    expect(text).toContain('"answerOf": "b"');
    const chooser = page.waitForEvent("filechooser");
    await page.getByRole("button", { name: "Open a file" }).click();
    await (
      await chooser
    ).setFiles({
      name: "renewed.question.json",
      mimeType: "application/json",
      buffer: Buffer.from(text),
    });
    await tab(moor, "c").click();
    await moor.expectAnswer("1,073.61");
  });
});
