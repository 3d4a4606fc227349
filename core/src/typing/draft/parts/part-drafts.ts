import type { Path } from "../../../engine/issues/issue";
import { OWN_FIELDS, type Draft, type LaterPart } from "../draft";

/** The parts of a question in their order, each as a draft by itself with what all of them share. */
export function partsOf(draft: Draft): Draft[] {
  if (draft.later.length === 0) return [draft];
  const { later, ...first } = draft;
  return [{ ...first, later: [] }, ...later.map((own) => ({ ...first, ...own, later: [] }))];
}

/** What a draft by itself has as a part after the first. */
export function asLaterPart(draft: Draft): LaterPart {
  const own = OWN_FIELDS.map((field) => [field, draft[field]]);
  return Object.fromEntries(own) as LaterPart;
}

/** What each part is called, in their order. */
export function labelsOf({ part, later }: Draft): string[] {
  return [part.label, ...later.map((own) => own.part.label)];
}

const OWN: ReadonlySet<unknown> = new Set(OWN_FIELDS);

/**
 * Where in the whole draft something stands.
 *
 * @param place which part it is in, from 0
 * @param path where it stands in the draft of that part
 */
export function pathInWhole(place: number, path: Path): Path {
  return place > 0 && OWN.has(path[0]) ? ["later", place - 1, ...path] : path;
}
