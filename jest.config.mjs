/** One set-up for every workspace; each is a project, so that its tests can be run alone. */
const transform = {
  "^.+\\.(t|j|mj)sx?$": [
    "@swc/jest",
    {
      jsc: {
        target: "es2023",
        parser: { syntax: "typescript", tsx: true },
        transform: { react: { runtime: "automatic" } },
      },
    },
  ],
};

const project = (name, options = {}) => ({
  displayName: name,
  rootDir: name,
  testMatch: ["<rootDir>/**/*.test.{ts,tsx,mjs}"],
  testPathIgnorePatterns: ["/node_modules/", "/dist/"],
  testEnvironment: "node",
  transform,
  ...options,
});

export default {
  // A shared machine has minutes in which everything takes five times as long; no test measures time.
  testTimeout: 60_000,
  projects: [
    project("core"),
    project("contract"),
    project("demo"),
    project("scripts"),
    project("server", {
      globalSetup: "<rootDir>/test/database.ts",
      transformIgnorePatterns: ["/node_modules/(?!@scure/)"],
    }),
    project("web", {
      testEnvironment: "jsdom",
      // These ship modules only, which Jest's default leaves as they are.
      transformIgnorePatterns: ["/node_modules/(?!(d3-array|immer|internmap|zustand)/)"],
      moduleNameMapper: { "\\.css$": "<rootDir>/test/empty-module.ts" },
    }),
  ],
};
