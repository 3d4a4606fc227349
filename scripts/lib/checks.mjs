import { inRoot } from "./folders.mjs";
import { WORKSPACES } from "./workspaces.mjs";

const node = (path, ...args) => [process.execPath, inRoot("node_modules", path), ...args];

/** Checks that read the sources only. `files` narrows a check to some of them; without it, all are read. */
export const formatCheck = (files = ["."]) => ({
  name: "format",
  command: node("prettier/bin/prettier.cjs", "--check", "--log-level=warn", ...files),
});

const lint = (name, ...args) => ({
  name,
  command: node("eslint/bin/eslint.js", "--no-warn-ignored", ...args),
});

export const lintCheck = (files) => lint("lint", ...files);

/** All files, in two halves of the same size: it is the longest check of the sources, and uses one core. */
export const lintChecks = () => [
  lint("lint of web", "web"),
  lint("lint of the rest", ".", "--ignore-pattern=web/**"),
];

/** That style sheets use the sizes and colours of `web/src/app/look.ts`. */
export const styleCheck = (files = ["web/src/**/*.css"]) => ({
  name: "style sheets",
  command: node("stylelint/bin/stylelint.mjs", ...files),
});

export const importCheck = () => ({
  name: "import rules",
  command: node(
    "dependency-cruiser/bin/dependency-cruise.mjs",
    "--config=.dependency-cruiser.cjs",
    ...["core", "contract", "server", "web"].map((name) => `${name}/src`),
    "demo",
    "e2e",
  ),
});

export const typeChecks = (workspaces = WORKSPACES) =>
  workspaces.map((name) => ({
    name: `types of ${name}`,
    command: node("typescript/bin/tsc", "-p", name),
  }));

export const unusedCheck = () => ({ name: "unused code", command: node("knip/bin/knip.js") });

const jest = (projects, args) =>
  // No other check runs beside the tests, so they may use every core.
  node("jest/bin/jest.js", "--maxWorkers=100%", "--selectProjects", ...projects, ...args);

/** It reads the sources as text, so no import leads to it. */
const VOICE = "scripts/voice/voice.test.mjs";

const related = (files) =>
  files === null ? [] : ["--passWithNoTests", "--findRelatedTests", ...files];

/** `files`: the tests that reach one of them; `null`: all tests. */
export const unitTests = (files = null) => ({
  name: "unit tests",
  command: jest(
    ["core", "contract", "web", "demo", "scripts"],
    related(files === null ? null : [...files, VOICE]),
  ),
});

export const apiTests = (files = null) => ({
  name: "API tests",
  command: jest(["server"], related(files)),
});

/** Before the browser tests, which each start the application that is there. */
export const build = () => ({
  name: "build",
  command: [process.execPath, inRoot("scripts/build.mjs")],
});

/** `specs`: the names of the browser tests to run; `null`: all. */
export const browserTests = (specs = null) => ({
  name: "browser tests",
  command: node(
    "@playwright/test/cli.js",
    "test",
    ...["--config", inRoot("e2e/playwright.config.ts")],
    ...(specs ?? []).map((name) => `/${name}.spec.ts`),
  ),
});
