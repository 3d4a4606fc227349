/** Mutation testing of the engine; run by hand with `npm run mutation`, which takes about an hour. */
export default {
  testRunner: "jest",
  plugins: ["@stryker-mutator/jest-runner"],
  // The one file of tests finds the others by itself, so that Jest cannot tell what they depend on.
  jest: { configFile: "jest.mutation.config.mjs", enableFindRelatedTests: false },
  mutate: ["core/src/engine/{solve,rates,flows}/**/*.ts", "!core/src/**/*.test.ts"],
  ignorePatterns: [".data", ".cache", "web", "server", "e2e", "docs", "demo", "contract"],
  coverageAnalysis: "perTest",
  // Constants are read before any test runs, so that each change of one takes the whole suite.
  ignoreStatic: true,
  // Issue codes and kinds are checked by the types; what a programmer's mistake throws is nobody's answer.
  // A `?.` stands where the types cannot know that an index is in range, and it always is.
  mutator: { excludedMutations: ["StringLiteral", "OptionalChaining"] },
  concurrency: 2,
  timeoutMS: 4000,
  reporters: ["progress-append-only", "clear-text", "json"],
  jsonReporter: { fileName: ".cache/mutation.json" },
  tempDirName: ".cache/mutation",
};
