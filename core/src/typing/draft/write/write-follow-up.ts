import type { Names } from "../../input/names";
import type { FollowUp, KnownPosition } from "../../../engine/problem/schema";
import { overWords } from "../../../wording/span-words";
import { followUpLineSchema, type FollowUpLine } from "../draft";
import { readFollowUp } from "../read-follow-up";
import { writePosition } from "./write-position";
import { USUAL_FORMAT } from "../../../wording/answer-format";

/** A follow-up as somebody would have typed it; one that would not be read back the same stays as it is. */
export function writeFollowUp(question: FollowUp, id: string, names: Names): FollowUpLine {
  const line = typedLine(question, id, names);
  const isSame =
    followUpLineSchema.safeParse(line).success &&
    JSON.stringify(readFollowUp(line, names).question) === JSON.stringify(question);
  return isSame ? line : { kind: "kept", id, question };
}

function typedLine(question: FollowUp, id: string, names: Names): FollowUpLine {
  switch (question.find) {
    case "total":
      return { kind: "total", id, of: question.of };
    case "balance":
    case "value":
      return { kind: question.find, id, at: writePosition(question.at, names) };
    case "interest":
    case "principal":
      return { kind: question.find, id, over: writeSpan(question.from, question.to, names) };
  }
}

function writeSpan(from: KnownPosition, to: KnownPosition, names: Names): string {
  return typeof from === "string" && typeof to === "string"
    ? overWords(from, to, USUAL_FORMAT).replace(/^in /, "")
    : `from ${writePosition(from, names)} to ${writePosition(to, names)}`;
}
