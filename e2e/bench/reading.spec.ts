import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync } from "node:zlib";
import { expect, test } from "../support/fixtures";
import { bundleQuestion, bundleSaying } from "./core-bundle";
import { report, reportFigure } from "./report";
import { scriptSeconds, spread } from "./script-seconds";

const RUNS = 5;
const questions = JSON.parse(
  readFileSync(join(import.meta.dirname, "../../core/reference/questions.json"), "utf8"),
) as readonly { readonly text: string }[];

const ASSETS = join(import.meta.dirname, "../../web/dist/assets");

test("reading the questions of the reference", async () => {
  const { core } = await bundleQuestion();
  const texts = [...new Set(questions.map(({ text }) => text))];
  for (const text of texts) core.readQuestion(text);
  const each: number[] = [];
  let words = 0;
  let took = 0;
  for (let run = 0; run < RUNS; run += 1) {
    for (const text of texts) {
      const count = text.split(/\s+/).length;
      const began = performance.now();
      core.readQuestion(text);
      const one = performance.now() - began;
      [words, took] = [words + count, took + one];
      each.push(one);
    }
  }
  reportFigure(
    "reading 100 words of a question",
    "5 ms",
    `${((took / words) * 100).toFixed(1)} ms`,
  );
  report("  the slowest question", `${Math.max(...each).toFixed(1)} ms`);
});

test("problems told in words and read again", async () => {
  test.setTimeout(1_200_000);
  const { core } = await bundleSaying();
  const { solved, back } = core.saidBack(5000, 1);
  reportFigure(
    "problem → words → problem, 5,000 random problems: read back to the same answer",
    "99%",
    `${((100 * back) / solved).toFixed(2)}% of ${String(solved)}`,
  );
});

/** The compressed size of the chunks with these names. */
function weightOf(names: RegExp): string {
  const files = readdirSync(ASSETS).filter((file) => file.endsWith(".js") && names.test(file));
  if (files.length === 0) throw new Error("The page has no chunk of its own for that");
  const bytes = files.map((file) => brotliCompressSync(readFileSync(join(ASSETS, file))).length);
  return `${(bytes.reduce((sum, one) => sum + one, 0) / 1000).toFixed(1)} kB`;
}

test("the weight of what is loaded when it is asked for", () => {
  // The door, and what it shares with what tells problems in words.
  const reader = weightOf(/^(?:question|tell)-/);
  reportFigure("the reader of questions, loaded when asked for, compressed", "40 kB", reader);
  report("  what tells problems in words, beside it", weightOf(/^say-/));
});

test("a key in a question of 200 words", async ({ moor, page }) => {
  await moor.openNotebook();
  const field = page.getByRole("textbox", { name: "Start from the text of a question" });
  const story = "The fair at Thrubwick has been held by the river since anybody can remember. ";
  const text = `${story.repeat(12)}A loan of £9,000 at 6.9% a year is repaid over 5 years by equal payments at the end of each month. Find the payment.`;
  await field.fill(text);
  await expect(page.getByText("You pay 177.79")).toBeVisible();
  const session = await page.context().newCDPSession(page);
  await session.send("Performance.enable");
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const costs: number[] = [];
  for (const key of " Round it to cents, please.".repeat(2)) {
    const before = await scriptSeconds(session);
    await page.keyboard.press(key);
    await page.waitForTimeout(300);
    costs.push(((await scriptSeconds(session)) - before) * 1000);
  }
  reportFigure(
    "a key in a question of 200 words, slowed 4 times: scripting, median / 95th",
    "30 ms",
    spread(costs),
  );
});
