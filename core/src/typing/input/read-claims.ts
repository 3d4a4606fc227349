import type { Claim } from "../../engine/numbers/claim";
import { TEXTBOOK_TIMES } from "./names";
import { readClaim } from "./read-claim";

/** A number of several, as it was typed; `null` if it cannot be read. */
export interface TypedClaim {
  readonly typed: string;
  readonly claim: Claim | null;
}

/** More values are read no further: nobody writes so many in one set of workings. */
export const MOST_CLAIMS = 24;

/**
 * Reads several numbers that somebody got, in their order: `0.00575; 50.6225; 804.12`, each behind a semicolon, a comma
 * with a space, or on a line of its own; behind a space, where the pieces are numbers by themselves.
 */
export function readClaims(typed: string, said = TEXTBOOK_TIMES): TypedClaim[] {
  const read = (text: string): TypedClaim => {
    const claim = readClaim(text, said);
    return { typed: text, claim: claim.ok ? claim.value : null };
  };
  return typed
    .split(/[;\n]|,\s/)
    .map((text) => text.trim())
    .filter((text) => text !== "")
    .flatMap((text) => {
      const whole = read(text);
      if (whole.claim !== null || !/\s/.test(text)) return [whole];
      const pieces = text.split(/\s+/).map(read);
      return pieces.every(({ claim }) => claim !== null) ? pieces : [whole];
    })
    .slice(0, MOST_CLAIMS);
}
