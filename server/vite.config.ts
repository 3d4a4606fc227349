import { defineConfig } from "vite";

/** Bundles the server with the workspaces it uses; packages from the registry stay outside. */
export default defineConfig({
  build: {
    ssr: "src/main.ts",
    outDir: "dist",
    target: "node20",
    minify: false,
    sourcemap: true,
  },
  ssr: { noExternal: [/^@kestrelmoor\//] },
});
