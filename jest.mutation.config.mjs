import config from "./jest.config.mjs";

const core = config.projects.find(({ displayName }) => displayName === "core");

/** The engine's own tests; without the slow search through bad input, which asks for no particular answer. */
export default {
  ...core,
  moduleNameMapper: { "^fast-check$": "<rootDir>/test/fewer-runs.mjs" },
  testPathIgnorePatterns: [
    ...core.testPathIgnorePatterns,
    "bad-input",
    "/draft/",
    "/input/",
    "/problem/",
    "/workings/",
    "/wording/",
  ],
};
