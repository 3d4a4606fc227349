import { availableParallelism } from "node:os";
import * as z from "zod";

const environment = z.object({
  PORT: z.coerce.number().int().min(0).max(65_535).default(4180),
  DATABASE_URL: z.string().min(1),
  LOG_LEVEL: z.enum(["silent", "error", "warn", "info", "debug"]).default("info"),
  /** Set when the server is reached by https: the cookie is then sent over nothing else. */
  KESTRELMOOR_SECURE_COOKIE: z.stringbool().default(false),
  /** How many proxies stand in front, whose word on the caller's address is taken. */
  KESTRELMOOR_PROXIES: z.coerce.number().int().min(0).max(10).default(0),
  /** How many threads calculate; one for each core, and two at least, if it is left out. */
  KESTRELMOOR_THREADS: z.coerce.number().int().min(1).max(64).optional(),
});

export interface Config {
  readonly port: number;
  readonly databaseUrl: string;
  readonly logLevel: string;
  readonly secureCookie: boolean;
  readonly proxies: number;
  readonly threads: number;
}

/** Reads the environment, once, at the start. Throws one sentence that names what is wrong. */
export function readConfig(variables: Readonly<Record<string, string | undefined>>): Config {
  const read = environment.safeParse(variables);
  if (!read.success) {
    const names = read.error.issues.map(({ path, message }) => `${path.join(".")}: ${message}`);
    throw new Error(`The environment is invalid: ${names.join("; ")}`);
  }
  const set = read.data;
  return {
    port: set.PORT,
    databaseUrl: set.DATABASE_URL,
    logLevel: set.LOG_LEVEL,
    secureCookie: set.KESTRELMOOR_SECURE_COOKIE,
    proxies: set.KESTRELMOOR_PROXIES,
    threads: set.KESTRELMOOR_THREADS ?? Math.max(2, availableParallelism()),
  };
}
