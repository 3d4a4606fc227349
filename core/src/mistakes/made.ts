import { CATALOGUE } from "./catalogue";
import type { Mistake, Slip, Subject } from "./mistake";

/** A slip with the mistake it belongs to. */
export interface Made {
  readonly mistake: Mistake;
  readonly rank: number;
  readonly slip: Slip;
}

/** Which of two is made first makes no difference, so only one order is tried. */
export function isLater(one: Made, other: Made): boolean {
  return other.slip.bend !== undefined || one.rank < other.rank;
}

/** Every slip that can be made, the likelier ones first. */
export function slipsOf(subject: Subject): Made[] {
  const usual = usualSlips(subject);
  const rarer = CATALOGUE.flatMap((mistake, rank) =>
    (mistake.rarer?.(subject) ?? []).map((slip): Made => ({ mistake, rank, slip })),
  );
  return [
    ...usual.filter(({ slip }) => slip.isRare !== true),
    ...usual.filter(({ slip }) => slip.isRare === true),
    ...rarer,
  ];
}

export function usualSlips(subject: Subject): Made[] {
  return CATALOGUE.flatMap((mistake, rank) =>
    mistake.slips(subject).map((slip): Made => ({ mistake, rank, slip })),
  );
}

/** Whether only the result was written down wrongly. */
export function isOfResult({ figure }: Slip): boolean {
  return figure !== undefined;
}
