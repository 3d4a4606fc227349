import type { RequestHandler } from "express";
import { createServer, type Server } from "node:http";
import { collectDefaultMetrics, Histogram, Registry } from "prom-client";

export interface Metrics {
  /** Times every request. */
  readonly measure: RequestHandler;
  /** Serves what was measured, on a port of its own: it is nobody's business outside. */
  readonly serve: (host: string, port: number) => Promise<Server>;
}

/** From a calculation that is done at once to one that is ended. */
const SECONDS = [0.002, 0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5];

/** Measures one copy of the application: requests, memory, the event loop. */
export function createMetrics(): Metrics {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry });
  const requests = new Histogram({
    name: "http_request_duration_seconds",
    help: "Duration of HTTP requests",
    labelNames: ["method", "route", "status"],
    buckets: SECONDS,
    registers: [registry],
  });

  return {
    measure: (request, response, next) => {
      const end = requests.startTimer();
      response.once("close", () => {
        const route = request.route === undefined ? "other" : routeOf(request.originalUrl);
        end({ method: request.method, route, status: String(response.statusCode) });
      });
      next();
    },
    serve: async (host, port) => {
      const server = createServer((request, response) => {
        if (request.url !== "/metrics") {
          response.writeHead(404).end();
          return;
        }
        registry.metrics().then(
          (text) => response.writeHead(200, { "Content-Type": registry.contentType }).end(text),
          () => response.writeHead(500).end(),
        );
      });
      await new Promise<void>((resolve, reject) => {
        server.once("error", reject);
        server.listen(port, host, resolve);
      });
      return server;
    },
  };
}

/** The route and not the address, which names a problem or whatever somebody made up: there are too many of them. */
function routeOf(address: string): string {
  const [path = ""] = address.split("?");
  if (!path.startsWith("/api/")) return "page";
  return path.replace(/^(\/api\/(?:problems|desk|shared))\/(?!bin$)[^/]+/, "$1/:id");
}
