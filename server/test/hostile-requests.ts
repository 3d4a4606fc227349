import { FIRST_DESK, SHAPES } from "@kestrelmoor/core/typing";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { HEAVY } from "./heavy-bodies";

/** The cases of a reference file; read, since not everything that runs this can import it. */
function reference(name: string): unknown {
  const file = join(import.meta.dirname, "../../core/reference", `${name}.json`);
  return JSON.parse(readFileSync(file, "utf8")) as unknown;
}

interface ScheduleCase {
  readonly loan: number;
  readonly rate: object;
  readonly every: string;
  readonly count: number;
}

interface AppraisalCase {
  readonly amounts: readonly number[];
  readonly every: string;
  readonly hurdlePercent: number;
  readonly reinvestPercent: number;
}

type Cases<Case> = readonly Case[];
const problems = [
  ...(reference("problems") as Cases<{ readonly problem: unknown }>),
  ...(reference("counts") as Cases<{ readonly problem: unknown }>),
  ...(reference("simple-and-dates") as Cases<{ readonly problem?: unknown }>).filter(
    ({ problem }) => problem !== undefined,
  ),
];
const questions = reference("parts") as Cases<{ readonly question: unknown }>;
const schedules = reference("schedules") as Cases<ScheduleCase>;
const appraisals = reference("appraisals") as Cases<AppraisalCase>;

/** Requests that no page sends: sound ones in which something was changed for the worse, by a seed. */

export interface HostileRequest {
  readonly method: "get" | "post" | "put" | "delete";
  readonly path: string;
  /** What is sent as JSON, which it may not be. */
  readonly text: string;
}

type Random = () => number;

/** Numbers from 0 to 1 that are the same for the same seed. Source: T. Ettinger, mulberry32 (2017) */
export function seeded(seed: number): Random {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

const pick = <Item>(random: Random, items: readonly Item[]): Item =>
  items[Math.floor(random() * items.length)] as Item;

/** Sound requests, of which each is a beginning. */
const SOUND: readonly (readonly [HostileRequest["method"], string, unknown])[] = [
  ...problems.flatMap(({ problem }) => [
    ["post", "/api/solve", problem] as const,
    ["post", "/api/workings", { problem, level: "every-step" }] as const,
    ["post", "/api/mark", { problem, claimed: "1,234.56" }] as const,
    ["post", "/api/problems", { problem }] as const,
  ]),
  ...questions.map(({ question }) => ["post", "/api/solve", question] as const),
  ...schedules.map((one) => ["post", "/api/schedule", scheduleOf(one)] as const),
  ...appraisals.map(({ amounts, every, hurdlePercent, reinvestPercent }) => {
    return ["post", "/api/appraise", { amounts, every, hurdlePercent, reinvestPercent }] as const;
  }),
  ...Object.values(HEAVY).map(([name, body]) => ["post", `/api${name}`, body] as const),
  ...SHAPES.map((shape) => ["post", "/api/problems", { draft: shape.picture() }] as const),
  ...Object.entries(FIRST_DESK).map(
    ([part, content]) => ["put", `/api/desk/${part}`, content] as const,
  ),
  [
    "post",
    "/api/rates/convert",
    {
      from: { percent: 6, quoted: "nominal", compounding: "P1M" },
      to: { quoted: "effective" },
    },
  ],
  [
    "post",
    "/api/rates/convert",
    { from: { percent: 6, quoted: "simple" }, to: { quoted: "bank-discount" }, years: 0.25 },
  ],
  ["post", "/api/notebook/open", { key: "abandon ability able about above absent absorb" }],
  ["post", "/api/notebook/merge", { problems: [], desk: FIRST_DESK }],
  ["get", "/api/problems?search=loan&page=1&pageSize=24", null],
  ["get", "/api/shared/abcdefghijklmnopqrstuv", null],
  ["put", "/api/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d", { draft: SHAPES[0]?.picture() }],
  ["delete", "/api/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d", null],
];

function scheduleOf({ loan, rate, every, count }: ScheduleCase): unknown {
  const parts = { direction: "out", every, count, timing: "end", begins: "P0D" };
  return {
    flow: "pay",
    rounding: "cent",
    extra: [{ fromPayment: 2, amount: 50 }],
    problem: {
      format: "kestrelmoor-problem",
      version: 1,
      rates: [rate],
      flows: [
        { id: "loan", kind: "single", direction: "in", amount: loan, at: "P0D" },
        { id: "pay", kind: "stream", amount: null, ...parts },
      ],
    },
  };
}

const NUMBERS = [
  ...[0, -0, 1, -1, 0.1, 1e-9, 1e-300, 1e13, 1e15, 1e308, -1e308, 2 ** 53, -99.999999, -100],
  ...[1e6, 999_999, 0.5, 1 / 3, 1000, 100_000],
];

const TEXTS = [
  ...["", " ", "\0", "\ud800", "null", "NaN", "Infinity", "__proto__", "constructor", "P0D", "P1D"],
  ...["-P9M", "2027-02-31", "2028-02-29", "0000-00-00", "9999-12-31", "simple", "bank-discount"],
  ...["P1000Y", "P999Y11M", "P0.000001Y", "P-1Y", "(".repeat(3000), `1${" ".repeat(90_000)}x`],
  ...[
    "9".repeat(400),
    "1e400",
    "½ + ⅓ × 2^9^9^9",
    "50 mln; 3 mld",
    "🦅".repeat(500),
    "a".repeat(70_000),
  ],
];

function hostileValue(random: Random): unknown {
  const kind = random();
  if (kind < 0.4) return pick(random, NUMBERS);
  if (kind < 0.75) return pick(random, TEXTS);
  return pick<unknown>(random, [null, true, [], {}, [[]], [null], { toString: 1 }, DEEP]);
}

/** Stands for lists in lists, which are put in once the document is a text: deep enough to stop whatever goes down. */
const DEEP = "a deep place";
const DEEPEST = [500, 5000, 100_000];

type Container = Record<string, unknown>;

/** Everything in a document that holds something. */
function containersIn(value: unknown, found: Container[] = []): Container[] {
  if (typeof value === "object" && value !== null) {
    found.push(value as Container);
    for (const part of Object.values(value)) containersIn(part, found);
  }
  return found;
}

/** Changes one place of a document. */
function spoil(document: unknown, random: Random): void {
  const containers = containersIn(document);
  if (containers.length === 0) return;
  const container = pick(random, containers);
  const keys = Object.keys(container);
  const key = keys.length === 0 ? "x" : pick(random, keys);
  const how = random();
  if (how < 0.55) container[key] = hostileValue(random);
  else if (how < 0.7) container[key] = pick(random, NUMBERS);
  else if (how < 0.8) Reflect.deleteProperty(container, key);
  else if (how < 0.9 && Array.isArray(container)) {
    const times = pick(random, [2, 10, 200]);
    for (let more = 0; more < times && container.length < 2000; more += 1) {
      container.push(structuredClone(container[0] ?? 1));
    }
  } else
    container[`${key}${pick(random, ["", "x", "__proto__"])}`] = structuredClone(container[key]);
}

export function hostileRequest(random: Random): HostileRequest {
  const [method, path, body] = pick(random, SOUND);
  const document: unknown = structuredClone(body);
  const places = Math.floor(random() * 4);
  for (let place = 0; place < places; place += 1) spoil(document, random);
  const levels = pick(random, DEEPEST);
  const text = JSON.stringify(document).replace(
    JSON.stringify(DEEP),
    "[".repeat(levels) + "]".repeat(levels),
  );
  const how = random();
  if (how < 0.03) return { method, path, text: text.slice(0, Math.floor(random() * text.length)) };
  if (how < 0.06) return { method, path: `${path}/%00%E0..%2f`, text };
  if (how < 0.08) return { method, path, text: `${"[".repeat(100_000)}${text}` };
  return { method, path, text };
}

/** What is wrong with an answer; `null` if it is one that a caller can live with. */
export function faultOf(status: number, text: string): string | null {
  if (status >= 500) {
    const isTold = status === 503 && text.includes('"too-much-work"');
    return isTold ? null : `${status}: ${text.slice(0, 200)}`;
  }
  if (/node_modules|\bat .*\.(ts|js):\d/.test(text)) return `a stack: ${text.slice(0, 200)}`;
  return null;
}
