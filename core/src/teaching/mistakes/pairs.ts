import type { Subject } from "./mistake";

import { isLater, usualSlips, type Made } from "./made";
import { subjectAfter } from "./subject-after";

/** A first slip and what may follow it, calculated when a pair with it is first tried. */
export class Beginning {
  private made: { readonly subject: Subject | null; readonly seconds: readonly Made[] } | null =
    null;

  constructor(readonly one: Made) {}

  get subject(): Subject | null {
    return this.ready.subject;
  }

  get seconds(): readonly Made[] {
    return this.ready.seconds;
  }

  private get ready() {
    const subject = this.made === null ? subjectAfter(this.one.slip) : null;
    return (this.made ??= {
      subject,
      seconds:
        subject === null ? [] : usualSlips(subject).filter((other) => mayFollow(this.one, other)),
    });
  }
}

/** Whether a second slip can follow a first one. */
function mayFollow(one: Made, { mistake, slip }: Made): boolean {
  if (mistake.isWhole === true) return false;
  if (mistake === one.mistake || slip.isRare === true || slip.isCostly === true) return false;
  // A slip that changes the timeline leaves no problem file for a second slip to change.
  return one.slip.bend === undefined || slip.figure !== undefined;
}

/** The order in which pairs are tried: two likely mistakes before one with a copying mistake. */
export const PASSES: readonly ((one: Made, other: Made) => boolean)[] = [
  (one, other) => other.slip.figure === undefined && isLater(one, other),
  (_, other) => other.slip.figure !== undefined && other.mistake.code !== "rounded-factor",
  (_, other) => other.mistake.code === "rounded-factor",
];
