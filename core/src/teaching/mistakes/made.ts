import { CATALOGUE } from "./catalogue";
import type { Mistake, Slip, Subject } from "./mistake";

/** A slip and its mistake. */
export interface Made {
  readonly mistake: Mistake;
  readonly rank: number;
  readonly slip: Slip;
}

/** The order of two slips makes no difference, so only one order is tried. */
export function isLater(one: Made, other: Made): boolean {
  return other.slip.bend !== undefined || one.rank < other.rank;
}

/** Every possible slip, likeliest first. */
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

/** Whether the student only wrote the result down wrongly. */
export function isOfResult({ figure }: Slip): boolean {
  return figure !== undefined;
}
