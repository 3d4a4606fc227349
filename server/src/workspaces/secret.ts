import { createHash, randomBytes } from "node:crypto";

/** A new guest's secret: 256 random bits, which nobody guesses. */
export function newSecret(): string {
  return randomBytes(32).toString("base64url");
}

/** What is kept of a secret. A fast hash will do: there is nothing to guess in 256 random bits. */
export function hashOf(secret: string): string {
  return createHash("sha256").update(secret).digest("base64url");
}

export function looksLikeSecret(text: unknown): text is string {
  return typeof text === "string" && /^[A-Za-z0-9_-]{43}$/.test(text);
}
