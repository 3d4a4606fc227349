import config from "./jest.config.mjs";

const core = config.projects.find(({ displayName }) => displayName === "core");

/** The engine's own tests, in one file; without those that ask for no particular answer. */
export default {
  ...core,
  moduleNameMapper: { "^fast-check$": "<rootDir>/test/fewer-runs.mjs" },
  testMatch: ["<rootDir>/test/all-at-once-mutation.cjs"],
};
