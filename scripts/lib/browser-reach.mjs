import { existsSync, readdirSync } from "node:fs";
import { inRoot } from "./folders.mjs";
import { Obstacle } from "./stop-with.mjs";

const VIEWS = "web/src/problem/views";

/** For each browser test, the folders and files it is there to test. */
const REACH = {
  access: ["web/src/app", "web/src/ui"],
  agreeing: [
    ...["web/src/problem/lines", "web/src/problem/answer", "core/src/typing/draft"],
    "core/src/engine/solve/count",
  ],
  answer: [
    "web/src/problem/answer",
    "core/src/typing/draft/sums",
    "core/src/wording/answer-sentence.ts",
  ],
  appraisal: [
    ...[`${VIEWS}/appraisal`, `${VIEWS}/projects`, "web/src/charts"],
    "core/src/engine/appraisal",
  ],
  "bad-input": [
    "web/src/problem/lines",
    "core/src/typing/input",
    "core/src/wording/sentences.ts",
    "core/src/wording/typing-sentences.ts",
  ],
  "dates-and-simple-interest": [
    ...["web/src/problem/lines", "web/src/problem/timeline", "core/src/typing/input"],
    ...["core/src/engine/time", "core/src/engine/rates", "core/src/engine/solve"],
  ],
  "every-demo-problem": [
    "demo",
    "core/src/teaching/workings",
    "core/src/teaching/proof",
    "web/src/problem",
  ],
  "first-typing": ["web/src/problem/lines", "core/src/typing/input", "core/src/typing/draft"],
  "from-a-file": ["web/src/files", "web/src/problem/lines"],
  "head-start": ["server/src/web", "web/src/app", "web/vite.config.ts"],
  "hand-in": [`${VIEWS}/hand-in`, "core/src/teaching/hand-in"],
  keep: ["web/src/keeping", "web/src/problem/saving", "web/src/problem/sharing", "server/src"],
  keeping: ["web/src/problem/saving", "web/src/problem/document", "server/src"],
  lines: ["web/src/problem/lines", "core/src/typing/draft", "core/src/typing/input"],
  mark: [`${VIEWS}/mark`, "core/src/teaching/mistakes"],
  "read-question": ["core/src/question", "web/src/problem/question", "web/src/notebook"],
  notebook: ["web/src/notebook", "web/src/api", "server/src", "contract/src"],
  offers: [`${VIEWS}/offers`, "core/src/engine/schedule/offers", "core/src/typing/draft/offers"],
  parts: [
    ...["web/src/problem/parts", "web/src/problem/document", "core/src/typing/draft/parts"],
    ...["core/src/typing/input/take-up.ts", `${VIEWS}/mark`, `${VIEWS}/hand-in`],
  ],
  proof: [`${VIEWS}/proof`, "core/src/teaching/proof"],
  "rates-and-tables": [
    ...["web/src/rates", "web/src/tables", "web/src/desk", `${VIEWS}/table`],
    ...["core/src/engine/rates", "core/src/engine/tables"],
  ],
  room: ["web/src/app", "web/src/ui", "web/src/problem/timeline"],
  schedule: [`${VIEWS}/schedule`, "core/src/engine/schedule", "web/src/charts"],
  shaping: [
    "web/src/problem/lines",
    "core/src/typing/draft/reshape.ts",
    "core/src/typing/draft/parting",
  ],
  start: ["scripts", "server/src"],
  story: ["core/src", "web/src", "demo"],
  timeline: ["web/src/problem/timeline", `${VIEWS}/shares`],
  "two-copies": ["deploy", "scripts/serve.mjs", "server/src"],
  variants: [`${VIEWS}/variants`, "core/src/typing/draft/variants", "core/src/engine/vary"],
  "what-if": [...[`${VIEWS}/what-if`, "web/src/charts", "web/src/workers"], "core/src/engine/vary"],
  workings: [`${VIEWS}/workings`, "core/src/teaching/workings"],
};

/** The browser tests to run for some changed files; every one if what all of them use has changed. */
export function specsReachedBy(files) {
  if (
    files.some((file) => file.startsWith("e2e/support/") || file === "e2e/playwright.config.ts")
  ) {
    return Object.keys(REACH);
  }
  return Object.keys(REACH).filter((name) =>
    files.some(
      (file) =>
        file === `e2e/specs/${name}.spec.ts` ||
        (!file.includes(".test.") && REACH[name].some((place) => isWithin(file, place))),
    ),
  );
}

function isWithin(file, place) {
  return file === place || file.startsWith(`${place}/`);
}

/** A browser test without a row here would never run for a change; a place that moved would reach nothing. */
export function checkReach() {
  const specs = readdirSync(inRoot("e2e/specs")).map((name) => name.replace(".spec.ts", ""));
  const missing = specs.filter((name) => REACH[name] === undefined);
  const gone = Object.entries(REACH).flatMap(([name, places]) => [
    ...(specs.includes(name) ? [] : [name]),
    ...places.filter((place) => !existsSync(inRoot(place))),
  ]);
  const faults = [...missing, ...gone];
  if (faults.length === 0) return;
  throw new Obstacle(`scripts/lib/browser-reach.mjs does not match: ${faults.join(", ")}.`);
}
