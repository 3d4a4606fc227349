/** The arrows of import: web and server on contract and core, contract on core, core on nothing. */
const workspaces = ["core", "contract", "server", "web"];
const mayImport = {
  core: [],
  contract: ["core"],
  server: ["contract", "core"],
  web: ["contract", "core"],
};

module.exports = {
  forbidden: [
    ...workspaces.map((from) => ({
      name: `${from}-reaches-down-only`,
      comment: `${from} may import ${mayImport[from].join(" and ") || "no other workspace"}.`,
      severity: "error",
      from: { path: `^${from}/src/` },
      to: {
        path: `^(${[...workspaces, "demo", "e2e", "scripts"]
          .filter((name) => name !== from && !mayImport[from].includes(name))
          .join("|")})/`,
      },
    })),
    {
      name: "only-through-the-front-door",
      comment:
        "A workspace is used by its index, or core by what reads typing or a question and what teaches; never by a file inside it.",
      severity: "error",
      from: { path: "^(contract|server|web|demo|e2e)/" },
      to: {
        path: "^(core|contract)/src/(?!((engine|typing|teaching|question|question/say)/)?index\\.ts$)",
        pathNot: "^$1/",
      },
    },
    {
      name: "engine-stands-alone",
      comment: "The engine takes problems and gives answers: nothing typed, taught or worded.",
      severity: "error",
      from: { path: "^core/src/engine/", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/src/(?!engine/)" },
    },
    {
      name: "rooms-do-not-mix",
      comment:
        "What reads typing, what reads a question and what teaches stand on the engine and its words, not on each other.",
      severity: "error",
      from: { path: "^core/src/(typing|teaching|question|wording)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/src/(typing|teaching|question)/", pathNot: "^core/src/$1/" },
    },
    {
      name: "core-is-pure",
      comment: "The core depends on Zod and nothing else.",
      severity: "error",
      from: { path: "^core/src/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["npm", "npm-dev", "core"], pathNot: "node_modules/zod/" },
    },
    {
      name: "reading-knows-no-writing",
      comment: "A reader of texts knows nothing of the draft that it reads for, nor of sentences.",
      severity: "error",
      from: { path: "^core/src/typing/input/", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/src/(wording|typing/draft)/" },
    },
    {
      name: "places-do-not-mix",
      comment: "A place of the page may use the problem's pictures, and nothing uses the notebook.",
      severity: "error",
      from: { path: "^web/src/(app|ui|api|problem)/", pathNot: "^web/src/app/routes" },
      to: { path: "^web/src/notebook/" },
    },
    {
      name: "no-cycles",
      severity: "error",
      from: {},
      to: { circular: true },
    },
    {
      name: "nothing-missing",
      severity: "error",
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "(dist|test-results)/" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.base.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "types", "default"],
      extensions: [".ts", ".tsx", ".mjs", ".js", ".json", ".css"],
    },
  },
};
