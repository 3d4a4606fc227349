import { linkSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";

/**
 * Which process a folder belongs to, of several that would write in it: the first that asks, as long as it lives. What a
 * process that was killed left behind goes to the next one that asks.
 */

const LOOK_EVERY_MS = 200;

const noteIn = (place) => join(place, "owner");

/** @returns whether this process is now the owner */
export function takeOwnership(place) {
  const owner = ownerOf(place);
  if (owner === process.pid) return true;
  if (owner !== null) {
    if (lives(owner)) return false;
    rmSync(noteIn(place), { force: true });
  }
  return isFirstIn(place);
}

export function endOwnership(place) {
  if (ownerOf(place) === process.pid) rmSync(noteIn(place), { force: true });
}

/** Does a work when no other process is at it in the same folder, which is made where it is missing. */
export async function alone(place, work) {
  mkdirSync(place, { recursive: true });
  while (!takeOwnership(place)) await sleep(LOOK_EVERY_MS);
  try {
    return await work();
  } finally {
    endOwnership(place);
  }
}

/** Of two processes at the same moment only one is first: the note comes whole, and a link is made only where none is. */
function isFirstIn(place) {
  const note = join(place, `owner-${process.pid}`);
  writeFileSync(note, String(process.pid));
  try {
    linkSync(note, noteIn(place));
    return true;
  } catch (error) {
    if (error.code === "EEXIST") return false;
    throw error;
  } finally {
    rmSync(note);
  }
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
