import { isUnknownMark } from "../../input/unknown-mark";
import type { VariantChange, Draft, Variant } from "../draft";
import { fieldsByPlace, placeOf, type DraftField } from "../fields/draft-fields";

/**
 * The problem as a variant tells it. The unknown is the problem's own: a variant says nothing about it,
 * so that every column answers the same question.
 */
export function draftOfVariant(draft: Draft, { changes }: Pick<Variant, "changes">): Draft {
  const own = copyOf(draft);
  const facts = fieldsByPlace(own);
  for (const { line, fact, text } of changes) {
    const found = facts.get(placeOf(line, fact));
    if (found !== undefined && !isUnknownMark(found.text)) found.write(text);
  }
  return own;
}

/** What another telling of the same lines has otherwise. */
export function changesBetween(
  base: ReadonlyMap<string, DraftField>,
  other: ReadonlyMap<string, DraftField>,
): VariantChange[] {
  return [...other].flatMap(([place, { line, name, text }]) =>
    base.get(place)?.text === text || !base.has(place) ? [] : [{ line, fact: name, text }],
  );
}

/** The lines are copied, for facts write into them; variants of variants there are none. */
function copyOf(draft: Draft): Draft {
  const { flows, rates, ask } = draft;
  const lines = JSON.parse(JSON.stringify({ flows, rates, ask })) as Pick<
    Draft,
    "flows" | "rates" | "ask"
  >;
  return { ...draft, ...lines, variants: [] };
}
