import { readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/**
 * Who ends a private cluster and starts it again: the first process that uses it, as long as it lives. A process that
 * was killed left its cluster running; the next one that starts takes it over.
 */

const noteIn = (place) => join(place, "owner");

/** @returns whether this process is now the owner */
export function takeOwnership(place) {
  const owner = ownerOf(place);
  if (owner !== null && owner !== process.pid && lives(owner)) return false;
  writeFileSync(noteIn(place), String(process.pid));
  return true;
}

export function endOwnership(place) {
  if (ownerOf(place) === process.pid) rmSync(noteIn(place), { force: true });
}

function ownerOf(place) {
  try {
    return Number(readFileSync(noteIn(place), "utf8"));
  } catch {
    return null;
  }
}

/** A number that is in use again may be anything: only a process of Node counts. */
function lives(pid) {
  try {
    return /node/i.test(readFileSync(`/proc/${pid}/comm`, "utf8"));
  } catch {
    return false;
  }
}
