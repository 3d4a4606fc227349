import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  // The server puts a fresh nonce in its place with every answer.
  html: { cspNonce: "__CSP_NONCE__" },
  build: { outDir: "dist", target: "es2023", sourcemap: false, assetsInlineLimit: 0 },
  server: {
    host: "127.0.0.1",
    proxy: { "/api": process.env["KESTRELMOOR_API"] ?? "http://127.0.0.1:4180" },
  },
});
