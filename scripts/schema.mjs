import { writeFileSync } from "node:fs";
import { createServer } from "vite";
import { inRoot } from "./lib/folders.mjs";

/** Writes the published JSON Schemas of the files anew, from their definitions in the core. */
const vite = await createServer({
  root: inRoot(),
  configFile: false,
  logLevel: "error",
  server: { middlewareMode: true },
  appType: "custom",
});
try {
  const { problemJsonSchema, questionJsonSchema } = await vite.ssrLoadModule("/core/src/index.ts");
  const write = (name, schema) =>
    writeFileSync(inRoot(`docs/${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`);
  write("problem", problemJsonSchema());
  write("question", questionJsonSchema());
} finally {
  await vite.close();
}
