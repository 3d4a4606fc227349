import { answeredWith } from "../../../engine/solve/answered-with";
import type { EarlierPart } from "./earlier-parts";
import { readPart, type PartReading } from "./read-parts";

/**
 * A part as somebody has it who found other numbers in the parts before it: what it takes up of them is theirs.
 *
 * @param claims what they have for the answers of earlier parts, by their labels
 */
export function partWithClaims(
  { draft, place }: PartReading,
  claims: ReadonlyMap<string, number>,
): PartReading {
  const before: EarlierPart[] = [];
  for (const part of place.before) {
    const { label } = part.draft.part;
    const read = readPart(part.draft, { ...place, label, before: [...before] });
    const claim = claims.get(label);
    const solved =
      claim === undefined || read.solved === null ? null : answeredWith(read.solved, claim);
    before.push(solved === null ? read : { ...read, solved });
  }
  return readPart(draft, { ...place, before });
}

/** The parts on which a part depends, those that it takes up only through another one too. */
export function partsUsed({ uses, place }: Pick<PartReading, "uses" | "place">): Set<string> {
  const used = new Set(uses);
  for (const { draft, uses: further } of place.before.toReversed()) {
    if (used.has(draft.part.label)) for (const label of further) used.add(label);
  }
  return used;
}
