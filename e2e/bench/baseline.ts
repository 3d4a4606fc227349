import { createServer } from "node:http";
import { join } from "node:path";
import { brotliCompressSync } from "node:zlib";
import { once } from "node:events";
import type { AddressInfo } from "node:net";
import { build, type Rolldown } from "vite";

const WEB = join(import.meta.dirname, "../../web");

/** One of the pages that the application's own are measured against, as a script. */
export async function buildBaseline(name: "field" | "libraries"): Promise<string> {
  const { output } = (await build({
    root: WEB,
    configFile: false,
    logLevel: "silent",
    // Not the variants of the libraries that are slower and say more.
    define: { "process.env.NODE_ENV": JSON.stringify("production") },
    build: {
      write: false,
      minify: true,
      target: "es2023",
      rolldownOptions: {
        input: join(WEB, "baseline", `${name}.ts`),
        output: { format: "iife", codeSplitting: false },
      },
    },
  })) as Rolldown.RolldownOutput;
  return output[0].code;
}

/** Serves a page that is this script alone, compressed as the application's own scripts are. */
export async function servePage(script: string) {
  const compressed = brotliCompressSync(script);
  const server = createServer((request, response) => {
    if (request.url === "/page.js") {
      response.writeHead(200, { "content-type": "text/javascript", "content-encoding": "br" });
      response.end(compressed);
    } else {
      response.writeHead(200, { "content-type": "text/html" });
      response.end('<!doctype html><body><script type="module" src="/page.js"></script></body>');
    }
  });
  server.listen(0, "127.0.0.1");
  await once(server, "listening");
  const { port } = server.address() as AddressInfo;
  return { address: `http://127.0.0.1:${port}/`, stop: () => server.close() };
}
