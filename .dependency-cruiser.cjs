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
        "A workspace is used by its index, or core by what reads typing and what teaches; never by a file inside it.",
      severity: "error",
      from: { path: "^(contract|server|web|demo|e2e)/" },
      to: { path: "^(core|contract)/src/(?!(index|typing|teaching)\\.ts$)", pathNot: "^$1/" },
    },
    {
      name: "engine-knows-no-typing",
      comment: "The engine takes problems; only what reads typing makes them from texts.",
      severity: "error",
      from: { path: "^core/src/(?!draft/|input/|typing\\.ts$)", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/src/(draft|input)/" },
    },
    {
      name: "engine-knows-no-teaching",
      comment: "What teaches stands on the engine; the engine solves and nothing more.",
      severity: "error",
      from: {
        path: "^core/src/(?!workings/|proof/|mistakes/|hand-in/|teaching\\.ts$|input/read-claim)",
        pathNot: "\\.test\\.ts$",
      },
      to: { path: "^core/src/(workings|proof|mistakes|hand-in)/" },
    },
    {
      name: "core-is-pure",
      comment: "The core depends on Zod and nothing else.",
      severity: "error",
      from: { path: "^core/src/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["npm", "npm-dev", "core"], pathNot: "node_modules/zod/" },
    },
    {
      name: "kernel-knows-no-wording",
      comment: "Data flows from problem to solution to words, never back.",
      severity: "error",
      from: {
        path: "^core/src/(time|rates|flows|numbers|problem|solve|timeline|input)/",
        pathNot: "\\.test\\.ts$",
      },
      to: { path: "^core/src/(wording|workings|draft)/" },
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
