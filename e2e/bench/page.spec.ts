import type { BrowserContext, CDPSession, Locator, Page } from "@playwright/test";
import { test } from "../support/fixtures";
import { buildBaseline, servePage } from "./baseline";
import { middleOf, report, reportFigure } from "./report";
import { scriptSeconds, spread } from "./script-seconds";

const KEYS = "123456789012345678901234567890";

test("from a keystroke to the changed answer", async ({ moor, page }) => {
  await moor.openProblem("Extractor fund");
  await moor.workings.locator("math").first().waitFor({ state: "attached" });
  const session = await page.context().newCDPSession(page);
  await session.send("Performance.enable");
  for (const rate of [1, 4]) {
    await session.send("Emulation.setCPUThrottlingRate", { rate });
    const runs = await keystrokes(page, session, moor.amount(0));
    const name = rate === 1 ? "keystroke" : "keystroke, CPU slowed 4 times";
    const scripting = spread(runs.map(({ scripting }) => scripting));
    if (rate === 1) reportFigure(`${name}: scripting, median / 95th`, "16 ms", scripting);
    else report(`${name}: scripting, median / 95th`, scripting);
    const latency = runs.map(({ latency }) => latency);
    if (rate === 1) report(`${name}: to changed answer, median / 95th`, spread(latency));
    else {
      reportFigure(`${name}: to changed answer, median / 95th`, "50 ms", spread(latency));
      await page.evaluate(await buildBaseline("field"));
      const bare = await keystrokes(
        page,
        session,
        page.getByRole("textbox", { name: "Baseline" }),
        "#baseline output",
      );
      reportFigure(
        "the same, to a controlled text field of the same page that shows its value (median)",
        "3",
        (middleOf(latency) / middleOf(bare.map(({ latency }) => latency))).toFixed(1),
      );
    }
  }
});

test("a loan of 360 payments with three variants beside it", async ({ moor, page }) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "240000");
  await moor.type(moor.rate, "6% a year compounded monthly");
  await moor.type(moor.howLong(0), "360 payments");
  await page.getByRole("tab", { name: "Variants" }).click();
  await page.getByRole("button", { name: "Suggested changes" }).click();
  await page.getByRole("menuitem", { name: /percentage point/ }).click();
  await page.getByRole("button", { name: "Suggested changes" }).click();
  await page
    .getByRole("menuitem", { name: /Annuity due/ })
    .filter({ visible: true })
    .click();
  const session = await page.context().newCDPSession(page);
  await session.send("Performance.enable");
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  for (const [watched, words] of [
    ["[aria-labelledby=answer-name]", "the changed answer"],
    ["#view", "the changed variants"],
  ] as const) {
    const runs = await keystrokes(page, session, moor.amount(0), watched);
    reportFigure(
      `360 payments with three variants, slowed 4 times: to ${words}, median / 95th`,
      "50 ms",
      spread(runs.map(({ latency }) => latency)),
    );
  }
});

test("a question of twelve parts, each of which takes up the first", async ({ moor, page }) => {
  await moor.openNotebook();
  const reply = await page.request.post(`${moor.url}/api/problems`, {
    data: { question: twelveParts() },
  });
  const { id } = (await reply.json()) as { id: string };
  await page.goto(`${moor.url}/problems/${id}`);
  await moor.figure.first().waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send("Performance.enable");
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const latencies = async (watched: string) => {
    const runs = await keystrokes(page, session, moor.amount(0), watched);
    return spread(runs.map(({ latency }) => latency));
  };
  reportFigure(
    "a key in the first of 12 parts, slowed 4 times: to its answer, median / 95th",
    "50 ms",
    await latencies("[aria-labelledby=answer-name]"),
  );
  report(
    "  to the answer of the twelfth, which depends on it, median / 95th",
    await latencies("[aria-label='Parts of the question'] [role=tab]:last-child"),
  );
});

/** A loan; then in turn its balance renewed at another rate, and the rate with fees. */
function twelveParts(): object {
  const monthly = (percent: number | null) => ({ percent, quoted: "nominal", compounding: "P1M" });
  const single = (id: string, direction: string, amount: unknown, at = "P0D") => ({
    ...{ id, kind: "single", direction, amount, at },
  });
  const payments = (amount: unknown, count: number) => ({
    ...{ id: "payments", kind: "stream", direction: "out", amount, every: "P1M", count },
    ...{ timing: "end", begins: "P0D" },
  });
  const problem = (parts: object) => ({ format: "kestrelmoor-problem", version: 2, ...parts });
  const [first, renewed, withFees] = [
    problem({
      rates: [monthly(3.9)],
      flows: [single("loan", "in", 184_000), payments(null, 300)],
      also: [{ find: "balance", at: "P5Y" }],
    }),
    (percent: number) =>
      problem({
        rates: [monthly(percent)],
        flows: [single("owed", "in", { answerOf: "a", also: 0 }), payments(null, 240)],
      }),
    () =>
      problem({
        rates: [monthly(null)],
        flows: [
          single("loan", "in", { answerOf: "a", times: 300, plus: -100_000 }),
          single("fee", "out", 900),
          payments({ answerOf: "a" }, 300),
        ],
      }),
  ];
  const parts = "abcdefghijkl".split("").map((label, place) => ({
    label,
    problem: place === 0 ? first : place % 2 === 1 ? renewed(4 + place / 10) : withFees(),
  }));
  return { format: "kestrelmoor-question", version: 1, title: "Twelve parts", parts };
}

test("opening the workings, and marking a number", async ({ moor, page }) => {
  const session = await page.context().newCDPSession(page);
  const opening: number[] = [];
  const setting: number[] = [];
  const marking: number[] = [];
  for (const title of ["The delivery van", "Hive deposits", "A bursary, saved and drawn down"]) {
    await moor.openProblem(title);
    await page.getByRole("tab", { name: "Mark my answer" }).click();
    await page.getByRole("textbox", { name: "Your answer" }).fill("481.57");
    await page.getByText("it does not match a common mistake").waitFor();
    await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
    for (let run = 0; run < 5; run += 1) {
      opening.push(await untilDrawn(page, "#view-tab-workings", "#workings-step-1"));
      await page.locator("#view math").first().waitFor({ state: "attached" });
      marking.push(
        await untilDrawn(page, "#view-tab-mark", "#view input + *, #view [aria-live] p"),
      );
      setting.push(await untilDrawn(page, "#view-tab-workings", "#view math"));
      await untilDrawn(page, "#view-tab-mark", "#view [aria-live] p");
    }
    await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  }
  reportFigure(
    "opening the workings, CPU slowed 4 times: text drawn, median / 95th",
    "100 ms",
    spread(opening),
  );
  report("  and until the first formulas are set", spread(setting));
  report("opening the marking of a number, slowed 4 times, median / 95th", spread(marking));
});

test("the schedule of thirty years of days", async ({ moor, page }) => {
  await moor.startProblem("Loan repayments");
  await moor.type(moor.amount(0), "240000");
  await moor.type(moor.rate, "4.9% a year compounded daily");
  await moor.type(page.getByRole("textbox", { name: "Payment frequency" }), "day");
  await moor.type(moor.howLong(0), "30 years");
  await moor.expectAnswer("41.84");
  await page.getByRole("tab", { name: "Schedule" }).click();
  await page.getByRole("button", { name: "Expand all years" }).click();
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const opening: number[] = [];
  for (let run = 0; run < 7; run += 1) {
    await untilDrawn(page, "#view-tab-workings", "#workings-step-1");
    await page.waitForTimeout(500);
    opening.push(
      await untilDrawn(page, "#view-tab-schedule", "#view [role=table] [role=row] + [role=row]"),
    );
    await page.waitForTimeout(300);
  }
  await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  reportFigure(
    "opening a schedule of 10,950 rows, CPU slowed 4 times, median / 95th",
    "300 ms",
    spread(opening),
  );
  const perSecond = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const frame = document.querySelector("[aria-label='Every payment']");
        let frames = 0;
        const start = performance.now();
        const next = () => {
          const took = performance.now() - start;
          if (took > 2500) {
            resolve((frames / took) * 1000);
            return;
          }
          frames += 1;
          frame?.scrollBy(0, 120);
          requestAnimationFrame(next);
        };
        requestAnimationFrame(next);
      }),
  );
  reportFigure("frames while its rows scroll", "50/s", `${perSecond.toFixed(0)}/s`);
});

/**
 * From a press of a tab until the frame with what it opens is on the screen. The frames are watched from
 * before the press, so that what the page does after that frame is not counted.
 */
function untilDrawn(page: Page, tab: string, drawn: string): Promise<number> {
  return page.evaluate(
    ([pressed, wanted]) =>
      new Promise<number>((resolve) => {
        let start = NaN;
        const watch = () => {
          if (Number.isNaN(start) || document.querySelector(wanted) === null) {
            requestAnimationFrame(watch);
          } else {
            // The task after a frame's callbacks runs when it has been drawn.
            setTimeout(() => resolve(performance.now() - start), 0);
          }
        };
        requestAnimationFrame(() => {
          requestAnimationFrame(watch);
          setTimeout(() => {
            start = performance.now();
            document.querySelector<HTMLElement>(pressed)?.click();
          }, 0);
        });
      }),
    [tab, drawn] as const,
  );
}

test("a table of 60 by 40 factors, and the appraisal of a thousand amounts", async ({
  moor,
  page,
}) => {
  const session = await page.context().newCDPSession(page);
  await moor.openNotebook();
  await page.getByRole("link", { name: "Tables", exact: true }).click();
  await page.getByRole("textbox", { name: "Highest periodic rate" }).fill("40%");
  await page.getByRole("textbox", { name: "Most periods" }).fill("60");
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const made: number[] = [];
  for (let run = 0; run < 20; run += 1) {
    made.push(await untilChanged(page, 'select[aria-label="Factor"]', "td[data-column]", run));
  }
  reportFigure(
    "a new table of 60 × 40 factors, CPU slowed 4 times, median / 95th",
    "100 ms",
    spread(made),
  );
  await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  await moor.openProblem("The wax workshop");
  await page.getByRole("tab", { name: "Appraisal" }).click();
  const amounts = page.getByRole("textbox", { name: /^Amounts in order/ });
  const took: number[] = [];
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  for (let run = 0; run < 5; run += 1) {
    await amounts.fill("out 5; 6");
    await page.getByText("2 cash flows, discounted").waitFor();
    const rows = Array.from({ length: 999 }, (_, year) => `${90 + ((year * 7) % 11)}`);
    const started = Date.now();
    await amounts.fill(`out 9000; ${rows.join("; ")}`);
    await page.getByText("1,000 cash flows, discounted").waitFor();
    took.push(Date.now() - started);
  }
  reportFigure(
    "1,000 pasted amounts appraised, CPU slowed 4 times, median / 95th",
    "–",
    spread(took),
  );
});

/** From another choice in a list until the frame in which what follows from it has changed. */
function untilChanged(page: Page, list: string, followed: string, run: number): Promise<number> {
  return page.evaluate(
    async ([chosen, wanted, times]) => {
      const field = document.querySelector<HTMLSelectElement>(chosen);
      const text = () => document.querySelector(wanted)?.textContent;
      const before = text();
      if (field === null) throw new Error(`There is no ${chosen}`);
      const kinds = ["future-of-payments", "present-of-payments"];
      await new Promise(requestAnimationFrame);
      const start = performance.now();
      field.selectedIndex = [...field.options].findIndex(({ value }) => value === kinds[times % 2]);
      field.dispatchEvent(new Event("change", { bubbles: true }));
      await new Promise<void>((resolve) => {
        const watch = () => {
          if (text() === before) requestAnimationFrame(watch);
          // The task after a frame's callbacks runs when it has been drawn.
          else setTimeout(resolve, 0);
        };
        requestAnimationFrame(watch);
      });
      return performance.now() - start;
    },
    [list, followed, run] as const,
  );
}

test("dragging the slider of a what-if", async ({ moor, page }) => {
  await moor.openProblem("A honey extractor on credit");
  await page.getByRole("tab", { name: "What if" }).click();
  await page.getByRole("button", { name: "and a second input" }).click();
  await page.getByRole("region", { name: "Answers for two inputs" }).waitFor();
  const slider = page.getByRole("tabpanel").getByRole("slider");
  await slider.scrollIntoViewIfNeeded();
  const box = await slider.boundingBox();
  if (box === null) throw new Error("There is a slider");
  const [y, width] = [box.y + box.height / 2, box.width - 20];
  await page.mouse.move(box.x + 10, y);
  await page.mouse.down();
  const frames = page.evaluate(
    () =>
      new Promise<{ frames: number; drawn: number; took: number }>((resolve) => {
        let [count, drawn] = [0, 0];
        const view = document.querySelector("#view");
        const observer = new MutationObserver(() => (drawn += 1));
        if (view !== null) {
          observer.observe(view, {
            attributes: true,
            attributeFilter: ["aria-label"],
            subtree: true,
          });
        }
        const start = performance.now();
        const next = () => {
          count += 1;
          const took = performance.now() - start;
          if (took < 2500) requestAnimationFrame(next);
          else resolve({ frames: count, drawn, took });
        };
        requestAnimationFrame(next);
      }),
  );
  const start = Date.now();
  for (let turn = 0; Date.now() - start < 2600; turn += 1) {
    const share = Math.abs(((turn / 60) % 2) - 1);
    await page.mouse.move(box.x + 10 + share * width, y);
  }
  await page.mouse.up();
  const { frames: count, drawn, took } = await frames;
  const perSecond = (times: number) => ((times / took) * 1000).toFixed(0);
  reportFigure("frames while the slider of a what-if is dragged", "50/s", `${perSecond(count)}/s`);
  report("  of these with a chart drawn anew", `${perSecond(drawn)}/s`);
});

interface Run {
  /** Scripting in the frame of the keystroke, in milliseconds. */
  readonly scripting: number;
  /** From the key's event to the new figure in the document, in milliseconds. */
  readonly latency: number;
}

async function keystrokes(
  page: Page,
  session: CDPSession,
  field: Locator,
  watched = "[aria-labelledby=answer-name]",
): Promise<Run[]> {
  const runs: Run[] = [];
  await field.fill("1");
  for (const key of KEYS) {
    await field.fill("4500");
    await field.press("End");
    await page.waitForTimeout(400);
    // It watches before the key is pressed: a slow page might take the key first.
    const watch = await page.evaluateHandle((selector) => {
      const answer = document.querySelector(selector);
      if (answer === null) throw new Error("There is no answer to watch");
      const latency = new Promise<number>((resolve) => {
        let pressed = 0;
        document.addEventListener("keydown", (event) => (pressed = event.timeStamp), {
          capture: true,
          once: true,
        });
        new MutationObserver((_, observer) => {
          // The announcement of the value before may still come.
          if (pressed === 0) return;
          observer.disconnect();
          resolve(performance.now() - pressed);
        }).observe(answer, { childList: true, characterData: true, subtree: true });
      });
      return { latency };
    }, watched);
    const before = await scriptSeconds(session);
    await page.keyboard.press(key);
    const took = await watch.evaluate(({ latency }) => latency);
    const after = await scriptSeconds(session);
    runs.push({ scripting: (after - before) * 1000, latency: took });
  }
  return runs;
}

test("what is loaded before the first problem is usable, and how long it takes", async ({
  moor,
  page,
  context,
}) => {
  await moor.openProblem("Extractor fund");
  const { needed, all } = await scriptsLoaded(context, page.url());
  reportFigure(
    "JavaScript before the first problem is usable, compressed",
    "320 kB",
    `${needed.toFixed(0)} kB`,
  );
  report("  and with the workings' formulas", `${all.toFixed(0)} kB compressed`);
  const libraries = await servePage(await buildBaseline("libraries"));
  const [own, bare]: [number[], number[]] = [[], []];
  for (let run = 0; run < 5; run += 1) {
    own.push(await usableAfter(context, page.url()));
    bare.push(await usableAfter(context, libraries.address));
  }
  libraries.stop();
  const seconds = (times: readonly number[]) => `${(middleOf(times) / 1000).toFixed(1)} s`;
  reportFigure(
    "first problem usable at 1.6 Mbit/s, 150 ms, CPU slowed 4 times, to the interface libraries alone",
    "1.3",
    `${(middleOf(own) / middleOf(bare)).toFixed(2)} (${seconds(own)} to ${seconds(bare)})`,
  );
});

/** Opens a page as nobody has opened it before; gives it with the session that watches it. */
async function freshPage(context: BrowserContext) {
  const fresh = await context.newPage();
  const session = await context.newCDPSession(fresh);
  await session.send("Network.enable");
  await session.send("Network.setCacheDisabled", { cacheDisabled: true });
  // It is usable with its first field.
  await fresh.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (document.querySelector('input[aria-label^="Amount of money"]') === null) return;
      observer.disconnect();
      performance.mark("usable");
    }).observe(document, { childList: true, subtree: true });
  });
  return { fresh, session };
}

/**
 * Kilobytes of script that had come when the page was usable in a slow network, and all up to its first formula. In a
 * fast one what is asked for meanwhile has come too, though the page does not wait for it.
 */
async function scriptsLoaded(context: BrowserContext, address: string) {
  const { fresh, session } = await freshPage(context);
  await slowDown(session);
  await fresh.goto(address, { waitUntil: "commit" });
  await fresh.locator("math").first().waitFor({ state: "attached" });
  const scripts = await fresh.evaluate(() => {
    const usable = performance.getEntriesByName("usable")[0]?.startTime ?? 0;
    return performance
      .getEntriesByType("resource")
      .filter((entry): entry is PerformanceResourceTiming => entry.name.endsWith(".js"))
      .map(({ encodedBodySize, responseEnd }) => ({
        size: encodedBodySize,
        isNeeded: responseEnd <= usable,
      }));
  });
  await fresh.close();
  const total = (some: typeof scripts) => some.reduce((sum, { size }) => sum + size, 0) / 1000;
  return { needed: total(scripts.filter(({ isNeeded }) => isNeeded)), all: total(scripts) };
}

/** A slow telephone in a slow network. */
async function slowDown(session: CDPSession): Promise<void> {
  await session.send("Network.emulateNetworkConditions", {
    offline: false,
    latency: 150,
    downloadThroughput: 1_600_000 / 8,
    uploadThroughput: 750_000 / 8,
  });
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
}

/** Milliseconds until a page is usable on a slow telephone in a slow network. */
async function usableAfter(context: BrowserContext, address: string): Promise<number> {
  const { fresh, session } = await freshPage(context);
  await slowDown(session);
  await fresh.goto(address, { waitUntil: "commit" });
  await fresh.locator('input[aria-label^="Amount of money"]').first().waitFor();
  const took = await fresh.evaluate(
    () => performance.getEntriesByName("usable")[0]?.startTime ?? Number.NaN,
  );
  await fresh.close();
  return took;
}

test("a second start", async ({ application }) => {
  await application.stop();
  const { took } = await application.start();
  reportFigure("second start", "5 s", `${(took / 1000).toFixed(1)} s`);
});
