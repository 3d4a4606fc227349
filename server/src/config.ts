import * as z from "zod";

const environment = z.object({
  PORT: z.coerce.number().int().min(0).max(65_535).default(4180),
  DATABASE_URL: z.string().min(1),
  LOG_LEVEL: z.enum(["silent", "error", "warn", "info", "debug"]).default("info"),
  /** Set when the server is reached by https: the cookie is then sent over nothing else. */
  KESTRELMOOR_SECURE_COOKIE: z.stringbool().default(false),
  /** How many proxies stand in front, whose word on the caller's address is taken. */
  KESTRELMOOR_PROXIES: z.coerce.number().int().min(0).max(10).default(0),
});

export interface Config {
  readonly port: number;
  readonly databaseUrl: string;
  readonly logLevel: string;
  readonly secureCookie: boolean;
  readonly proxies: number;
}

/** Reads the environment, once, at the start. Throws one sentence that names what is wrong. */
export function readConfig(variables: Readonly<Record<string, string | undefined>>): Config {
  const read = environment.safeParse(variables);
  if (!read.success) {
    const names = read.error.issues.map(({ path, message }) => `${path.join(".")}: ${message}`);
    throw new Error(`The environment is invalid: ${names.join("; ")}`);
  }
  const { PORT, DATABASE_URL, LOG_LEVEL, KESTRELMOOR_SECURE_COOKIE, KESTRELMOOR_PROXIES } =
    read.data;
  return {
    port: PORT,
    databaseUrl: DATABASE_URL,
    logLevel: LOG_LEVEL,
    secureCookie: KESTRELMOOR_SECURE_COOKIE,
    proxies: KESTRELMOOR_PROXIES,
  };
}
