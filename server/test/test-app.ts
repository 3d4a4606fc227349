import { randomBytes } from "node:crypto";
import { join } from "node:path";
import type { Express } from "express";
import pg from "pg";
import { pino } from "pino";
import request from "supertest";
import { createApp, type AppParts } from "../src/app";
import { LIMIT_SIZES } from "../src/limits/limits";
import { connect, prepare, type Connection } from "../src/db/database";
import { IN_PLACE } from "./in-place";

export const MIGRATIONS = join(__dirname, "../src/db/migrations");

export const DEMO = join(__dirname, "../../demo/problems");

export interface TestApp {
  readonly app: Express;
  readonly connection: Connection;
  readonly url: string;
  /** Everything that the log was told. */
  readonly log: string[];
  readonly close: () => Promise<void>;
}

/** An empty database, and the way to drop it. */
export async function createDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const name = `test_${randomBytes(6).toString("hex")}`;
  await onServer(`create database ${name}`);
  const url = new URL(serverUrl());
  url.pathname = `/${name}`;
  return { url: url.href, drop: () => onServer(`drop database ${name} with (force)`) };
}

/** The whole application over a database of its own, which goes when it is closed. */
export async function createTestApp(parts: Partial<AppParts> = {}): Promise<TestApp> {
  const { url, drop } = await createDatabase();
  const connection = connect(url, () => undefined);
  await prepare(connection.database, MIGRATIONS, () => Promise.resolve());
  const log: string[] = [];
  const app = appOver(connection, parts, log);
  return {
    app,
    connection,
    url,
    log,
    close: async () => {
      await connection.close();
      await drop();
    },
  };
}

/** The application over a connection that the test holds. */
export function appOver(
  connection: Connection,
  parts: Partial<AppParts> = {},
  log: string[] = [],
): Express {
  return createApp({
    connection,
    logger: pino({ level: "info" }, { write: (line: string) => void log.push(line) }),
    calculator: IN_PLACE,
    secureCookie: false,
    proxies: 0,
    limits: LIMIT_SIZES,
    ...parts,
  });
}

/** A browser that has its own cookie jar. */
export function browserOf({ app }: Pick<TestApp, "app">) {
  return request.agent(app);
}

function serverUrl(): string {
  const url = process.env["DATABASE_URL"];
  if (url === undefined) throw new Error("DATABASE_URL is not set");
  return url;
}

async function onServer(statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: serverUrl() });
  await client.connect();
  try {
    await client.query(statement);
  } finally {
    await client.end();
  }
}
