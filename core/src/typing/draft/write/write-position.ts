import type { Names } from "../../input/names";
import type { Position } from "../../../engine/problem/schema";
import { endWords } from "../../../wording/end-words";
import { momentWords } from "../../../wording/format-time";
import { USUAL_FORMAT } from "../../../wording/answer-format";

/** A time as somebody would have typed it; `?` for the unknown. */
export function writePosition(position: Position, names: Names): string {
  if (position === null) return "?";
  return typeof position === "string"
    ? momentWords(position, USUAL_FORMAT)
    : `when ${endWords(names.nameOf(position.endOf))}`;
}
