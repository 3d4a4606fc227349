import { defineConfig } from "vite";

/** Bundles the server with the workspaces it uses; packages from the registry stay outside. */
export default defineConfig({
  build: {
    ssr: true,
    rolldownOptions: {
      // The threads that calculate load a module of their own.
      input: { main: "src/main.ts", calculator: "src/calculations/worker.ts" },
    },
    outDir: "dist",
    target: "node20",
    minify: false,
    sourcemap: true,
    chunkSizeWarningLimit: 4000,
  },
  ssr: { noExternal: [/^@kestrelmoor\//] },
});
