import type { ProblemDetails } from "@kestrelmoor/contract";
import { tellReached } from "./server-reached";

/** The server answered, and said why it does not do what was asked. */
export class RefusedError extends Error {
  constructor(readonly details: ProblemDetails) {
    super(details.detail);
  }

  get status(): number {
    return this.details.status;
  }
}

/** No answer came: the network or the server is away. */
export class UnreachableError extends Error {
  constructor() {
    super("Cannot reach the server.");
  }
}

/** Whether asking again may help. */
export function isRetryWorthwhile(error: unknown): boolean {
  if (error instanceof UnreachableError) return true;
  return error instanceof RefusedError && (error.status === 503 || error.status === 429);
}

export interface RequestOptions {
  readonly method?: "GET" | "POST" | "PUT" | "DELETE";
  readonly body?: unknown;
  readonly ifMatch?: number;
  readonly signal?: AbortSignal;
  /** Lets the request outlive the page, for a last save. */
  readonly keepalive?: boolean;
}

/** Asks the server; throws `RefusedError` or `UnreachableError`. */
export async function request<Reply>(path: string, options: RequestOptions = {}): Promise<Reply> {
  const { method = "GET", body, ifMatch, signal, keepalive } = options;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: {
        Accept: "application/json",
        ...(body === undefined ? {} : { "Content-Type": "application/json" }),
        ...(ifMatch === undefined ? {} : { "If-Match": `"${ifMatch}"` }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      ...(signal === undefined ? {} : { signal }),
      ...(keepalive === undefined ? {} : { keepalive }),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new UnreachableError();
  }
  const isEmpty = response.status === 204;
  const reply: unknown = isEmpty ? undefined : await response.json().catch(() => null);
  const isRefusal = !response.ok && typeof (reply as ProblemDetails | null)?.code === "string";
  // A proxy in front of a server that is down answers with something that is not ours.
  if (reply === null || (!response.ok && !isRefusal)) throw new UnreachableError();
  tellReached();
  if (isRefusal) throw new RefusedError(reply as ProblemDetails);
  return reply as Reply;
}
