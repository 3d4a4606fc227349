import { SHAPES, type Draft } from "@kestrelmoor/core/typing";

/** A sound draft with a title by which it is told from others. */
export function draftOf(title: string): Draft {
  const draft = SHAPES[0]?.picture();
  if (draft === undefined) throw new Error("There is a problem type");
  return { ...draft, title };
}
