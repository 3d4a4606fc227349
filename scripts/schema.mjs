import { writeFileSync } from "node:fs";
import { createServer } from "vite";
import { inRoot } from "./lib/folders.mjs";

/** Writes the published JSON Schema of the problem file anew, from its definition in the core. */
const vite = await createServer({
  root: inRoot(),
  configFile: false,
  logLevel: "error",
  server: { middlewareMode: true },
  appType: "custom",
});
try {
  const { problemJsonSchema } = await vite.ssrLoadModule("/core/src/index.ts");
  const text = `${JSON.stringify(problemJsonSchema(), null, 2)}\n`;
  writeFileSync(inRoot("docs/problem.schema.json"), text);
} finally {
  await vite.close();
}
