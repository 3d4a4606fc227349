import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { compression, defineAlgorithm } from "vite-plugin-compression2";

export default defineConfig({
  plugins: [
    react(),
    // Once, with the most effort, instead of for every browser that asks.
    compression({
      include: /\.(js|css|svg|ttf)$/,
      threshold: 1000,
      algorithms: [defineAlgorithm("brotliCompress"), defineAlgorithm("gzip", { level: 9 })],
    }),
  ],
  // The server puts a fresh nonce in its place with every answer.
  html: { cspNonce: "__CSP_NONCE__" },
  build: {
    outDir: "dist",
    target: "es2023",
    sourcemap: false,
    assetsInlineLimit: 0,
    // From it the server tells a browser what a place needs, before the page itself knows.
    manifest: true,
    // The writer of workbooks is large; it comes only to who saves one.
    chunkSizeWarningLimit: 1500,
    rolldownOptions: { checks: { bundlerTimings: false } },
  },
  server: {
    host: "127.0.0.1",
    proxy: { "/api": process.env["KESTRELMOOR_API"] ?? "http://127.0.0.1:4180" },
  },
});
