import type { Names } from "../input/names";
import { positionOf, readPosition, type SaidTime } from "../input/read-position";
import { readSpan, type SaidSpan } from "../input/read-span";
import type { FollowUp } from "../../engine/problem/schema";
import type { FollowUpLine } from "./draft";
import { readKnownField, takingUp, valueOf, type FieldReading } from "./field";

/** What a follow-up question says: its field, where it has one, and the question once it can be asked. */
export interface FollowUpReading {
  readonly field: FieldReading<SaidTime | SaidSpan> | null;
  readonly question: FollowUp | null;
}

export function readFollowUp(line: FollowUpLine, names: Names): FollowUpReading {
  switch (line.kind) {
    case "kept":
      return { field: null, question: line.question };
    case "total":
      return { field: null, question: { find: "total", of: line.of } };
    case "balance":
    case "value": {
      const field = readKnownField(
        line.at,
        takingUp(names, "years", (text) => readPosition(text, names)),
      );
      const at = valueOf(field);
      return { field, question: at && { find: line.kind, at: positionOf(at) } };
    }
    case "interest":
    case "principal": {
      const field = readKnownField(line.over, (text) => readSpan(text, names));
      const span = valueOf(field);
      return {
        field,
        question: span && {
          find: line.kind,
          from: positionOf(span.from),
          to: positionOf(span.to),
        },
      };
    }
  }
}
