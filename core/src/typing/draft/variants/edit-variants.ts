import type { FieldName } from "../../../engine/fields/field-ref";
import { marksUnknown } from "../../input/entry-label";
import { collection } from "../entries/collection";
import { MOST_VARIANTS, type VariantChange, type Draft, type Variant } from "../draft";
import { changesBetween, draftOfVariant } from "./draft-of-variant";
import { fieldsByPlace, fieldsOf, placeOf } from "../fields/draft-fields";

/** Second tellings of a problem that hold only what differs. */
export const VARIANTS = collection<Draft, Variant>({
  stem: "variant",
  most: MOST_VARIANTS,
  in: ({ variants }) => variants,
});

/** Adds a variant, at first the same as the problem or with some changes. Changes the draft in place. */
export function addVariant(
  draft: Draft,
  { name = "", changes = [] }: Partial<Pick<Variant, "name" | "changes">> = {},
): Variant | null {
  return VARIANTS.add(draft, { name, changes });
}

/**
 * Keeps the problem as it stands as a variant: with every fact, so that it stays what it is while the problem goes on.
 * Changes the draft in place.
 */
export function keepAsVariant(draft: Draft): Variant | null {
  const names = new Set(draft.variants.map(({ name }) => name));
  let number = 1;
  while (names.has(`Kept ${number}`)) number += 1;
  const changes = fieldsOf(draft)
    .filter(({ text }) => !marksUnknown(text))
    .map(({ line, name, text }) => ({ line, fact: name, text }));
  return addVariant(draft, { name: `Kept ${number}`, changes });
}

/** Has a variant say a fact otherwise; saying it as the problem does takes the change back. Changes the draft in place. */
export function setVariantFact(
  draft: Draft,
  id: string,
  { line, fact, text }: { readonly line: string; readonly fact: FieldName; readonly text: string },
): void {
  VARIANTS.edit(draft, id, (variant) => {
    const isChange = (change: VariantChange) => change.line === line && change.fact === fact;
    if (fieldsByPlace(draft).get(placeOf(line, fact))?.text === text) {
      variant.changes = variant.changes.filter((change) => !isChange(change));
      return;
    }
    const change = variant.changes.find(isChange);
    if (change === undefined) variant.changes.push({ line, fact, text });
    else change.text = text;
  });
}

/** Takes a fact out of every variant: all of them say it as the problem does. Changes the draft in place. */
export function dropVariantFact(draft: Draft, line: string, fact: FieldName): void {
  for (const variant of draft.variants) {
    variant.changes = variant.changes.filter(
      (change) => change.line !== line || change.fact !== fact,
    );
  }
}

export function nameVariant(draft: Draft, id: string, name: string): void {
  VARIANTS.edit(draft, id, (variant) => (variant.name = name));
}

/** Moves a variant to the place of another one. Changes the draft in place. */
export function moveVariant(draft: Draft, id: string, to: number): void {
  const from = draft.variants.findIndex((variant) => variant.id === id);
  const [moved] = from < 0 ? [] : draft.variants.splice(from, 1);
  if (moved !== undefined) {
    draft.variants.splice(Math.min(Math.max(0, to), draft.variants.length), 0, moved);
  }
}

/**
 * Makes a variant the problem itself. What the problem said until now takes the variant's place, and
 * every other variant goes on saying what it said. Changes the draft in place.
 */
export function promoteVariant(draft: Draft, id: string): void {
  const chosen = draft.variants.find((variant) => variant.id === id);
  if (chosen === undefined) return;
  const before = fieldsByPlace(draftOfVariant(draft, { changes: [] }));
  const tellings = draft.variants.map((variant) =>
    variant === chosen ? before : fieldsByPlace(draftOfVariant(draft, variant)),
  );
  const facts = fieldsByPlace(draft);
  for (const [place, { text }] of fieldsByPlace(draftOfVariant(draft, chosen))) {
    const own = facts.get(place);
    if (own !== undefined && own.text !== text) own.write(text);
  }
  const now = fieldsByPlace(draft);
  draft.variants.forEach((variant, index) => {
    variant.changes = changesBetween(now, tellings[index] ?? before);
  });
  chosen.name = "";
}
