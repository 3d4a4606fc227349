import { readRequest, type ReadReply } from "@kestrelmoor/contract";
import { readQuestion } from "@kestrelmoor/core/question";
import { readBody } from "../http/read-body";

/** Each alternative has the parts that it makes: who asks once may compare them all. */
export function readReply(body: unknown): ReadReply {
  const { text, choices } = readBody(readRequest, body);
  const reading = readQuestion(text, choices);
  return {
    ...reading,
    assumptions: reading.assumptions.map((assumption) => ({
      ...assumption,
      alternatives: assumption.alternatives.map((other) => ({
        ...other,
        parts: readQuestion(text, { ...choices, [assumption.code]: other.reading }).parts,
      })),
    })),
  };
}
