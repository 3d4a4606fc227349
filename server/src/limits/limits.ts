import type { RequestHandler } from "express";
import type { Pool } from "pg";
import { RateLimiterMemory, RateLimiterPostgres, RateLimiterRes } from "rate-limiter-flexible";
import { Refusal } from "../http/refusal";
import { secretIn } from "../workspaces/cookie";
import { hashOf } from "../workspaces/secret";

/** How often something may be asked for. Those of `kept` are shared between all copies, through the database. */
export interface LimitSizes {
  /** Calculations a minute from one address, in each copy: they cost no database, and scripts ask for thousands. */
  readonly calculations: number;
  /** Other calls a minute from one address, in each copy: a whole school may stand behind one. */
  readonly callsOfAddress: number;
  /** The same of one workspace. */
  readonly callsOfWorkspace: number;
  /** Changes that are kept, a minute, of one workspace. */
  readonly keptByWorkspace: number;
  /** Workspaces that are made or opened with a key, from one address in an hour. */
  readonly workspacesOfAddress: number;
}

export const LIMIT_SIZES: LimitSizes = {
  calculations: 600_000,
  callsOfAddress: 120_000,
  callsOfWorkspace: 3000,
  keptByWorkspace: 600,
  workspacesOfAddress: 1500,
};

export interface Limits {
  readonly calculations: RequestHandler;
  readonly calls: RequestHandler;
  /** Before whatever changes what is kept. */
  readonly kept: RequestHandler;
  /** @throws `Refusal` 429 if too many workspaces were made from this address */
  readonly newWorkspace: (address: string) => Promise<void>;
}

const MINUTE = 60;
const HOUR = 3600;

/** @param pool of the database whose copies share their limits */
export function createLimits(pool: Pool, sizes: LimitSizes): Limits {
  const inThisCopy = (keyPrefix: string, points: number) =>
    new RateLimiterMemory({ keyPrefix, points, duration: MINUTE });
  const shared = (keyPrefix: string, points: number, duration: number) =>
    new RateLimiterPostgres({
      ...{ keyPrefix, points, duration },
      storeClient: pool,
      storeType: "pool",
      tableName: "used_limits",
      tableCreated: true,
      clearExpiredByTimeout: false,
      // Whoever is over a limit costs the database nothing more.
      inMemoryBlockOnConsumed: points + 1,
    });
  const calculations = inThisCopy("calculations", sizes.calculations);
  const ofAddress = inThisCopy("address", sizes.callsOfAddress);
  const ofWorkspace = inThisCopy("workspace", sizes.callsOfWorkspace);
  const kept = shared("kept", sizes.keptByWorkspace, MINUTE);
  const workspaces = shared("workspaces", sizes.workspacesOfAddress, HOUR);

  return {
    calculations: async (request, _response, next) => {
      await consume(calculations, request.ip ?? "");
      next();
    },
    calls: async (request, _response, next) => {
      await consume(ofAddress, request.ip ?? "");
      const secret = secretIn(request);
      if (secret !== null) await consume(ofWorkspace, hashOf(secret));
      next();
    },
    kept: async (request, _response, next) => {
      if (request.method !== "GET" && request.method !== "HEAD") {
        const secret = secretIn(request);
        // Whoever has no secret yet is about to make a workspace, which has a limit of its own.
        if (secret !== null) await consume(kept, hashOf(secret));
      }
      next();
    },
    newWorkspace: (address) => consume(workspaces, address),
  };
}

type Limiter = RateLimiterMemory | RateLimiterPostgres;

async function consume(limiter: Limiter, key: string): Promise<void> {
  try {
    await limiter.consume(key);
  } catch (used) {
    // Anything else is a fault of the database.
    if (!(used instanceof RateLimiterRes)) throw used;
    const seconds = Math.max(1, Math.ceil(used.msBeforeNext / 1000));
    throw tooMany(seconds);
  }
}

function tooMany(seconds: number): Refusal {
  return new Refusal(
    429,
    "too-many-requests",
    `Too many requests at once. Try again in ${seconds === 1 ? "a second" : `${seconds} seconds`}.`,
    {},
    seconds,
  );
}
