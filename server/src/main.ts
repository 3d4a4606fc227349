import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { setTimeout as pause } from "node:timers/promises";
import { pino } from "pino";
import { createApp } from "./app";
import { createPool } from "./calculations/pool";
import { readConfig } from "./config";
import { connect, PATIENCE, prepare } from "./db/database";
import { loadDemo } from "./demo/load-demo";
import { briefError } from "./http/brief-error";
import { LIMIT_SIZES } from "./limits/limits";
import { keepTidy } from "./upkeep/upkeep";
import { createMetrics } from "./metrics/metrics";
import { pageRoutes } from "./web/page";

export interface Folders {
  readonly migrations: string;
  readonly demo: string;
  /** The built page; left out while a development server serves it. */
  readonly page?: string;
}

export interface RunningServer {
  readonly port: number;
  readonly close: () => Promise<void>;
}

const IDLE_CONNECTION_MS = 75_000;

/** Built beside this module. */
const CALCULATOR = new URL("calculator.js", import.meta.url).href;

/**
 * Starts the application on loopback: migrates, loads the demo notebook once, listens.
 *
 * @param environment variables: see `config.ts`
 */
export async function startServer(
  environment: Readonly<Record<string, string | undefined>>,
  folders: Folders,
): Promise<RunningServer> {
  const config = readConfig(environment);
  const logger = pino({ level: config.logLevel }, pino.destination(2));
  const onIdleError = (error: Error) => {
    logger.warn({ message: error.message }, "an idle database connection broke");
  };
  const preparing = connect(config.databaseUrl, onIdleError, PATIENCE.preparing);
  try {
    const { database } = preparing;
    await prepare(database, folders.migrations, () => loadDemo(database, folders.demo));
  } finally {
    await preparing.close();
  }
  const connection = connect(config.databaseUrl, onIdleError);
  const calculator = createPool({ file: CALCULATOR, threads: config.threads });
  const readiness = { isEnding: false };
  const metrics = config.metricsPort === null ? null : createMetrics();
  try {
    const app = createApp({
      connection,
      logger,
      calculator,
      secureCookie: config.secureCookie,
      proxies: config.proxies,
      limits: LIMIT_SIZES,
      readiness,
      ...(metrics === null ? {} : { measure: metrics.measure }),
      ...(folders.page === undefined ? {} : { page: await pageRoutes(folders.page) }),
    });
    const server = createServer(app);
    // Longer than whatever is in front keeps a connection idle: it must not send a request as this end closes it.
    server.keepAliveTimeout = IDLE_CONNECTION_MS;
    await new Promise<void>((resolve, reject) => {
      server.once("error", reject);
      server.listen(config.port, config.host, resolve);
    });
    const measured = await metrics?.serve(config.host, config.metricsPort ?? 0);
    const endTidying = keepTidy(connection.database, (error) => {
      logger.warn({ error: briefError(error) }, "tidying up failed");
    });
    return {
      port: (server.address() as AddressInfo).port,
      close: async () => {
        readiness.isEnding = true;
        await pause(config.drainSeconds * 1000);
        endTidying();
        measured?.close();
        await new Promise<void>((resolve) => {
          server.close(() => resolve());
          // Browsers hold connections open; after a moment for answers under way they are cut.
          setTimeout(() => server.closeAllConnections(), 1000).unref();
          server.closeIdleConnections();
        });
        await Promise.all([connection.close(), calculator.close()]);
      },
    };
  } catch (error) {
    await Promise.all([connection.close(), calculator.close()]);
    throw error;
  }
}
