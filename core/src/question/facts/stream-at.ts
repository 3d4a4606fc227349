import type { Mark } from "../marks/mark";
import type { PaymentsFact } from "./payments-fact";

/** The stream that a mark speaks of: the last one begun before it in its sentence, else in the text, else the next. */
export function streamAt(streams: readonly PaymentsFact[], mark: Mark): PaymentsFact | null {
  const begun = (stream: PaymentsFact) => Math.min(...stream.marks.map(({ index }) => index));
  const before = streams.filter((stream) => begun(stream) < mark.index);
  const sameSentence = streams.filter((stream) =>
    stream.marks.some(({ sentence }) => sentence === mark.sentence),
  );
  const [only] = sameSentence;
  if (sameSentence.length === 1 && only !== undefined) return only;
  const inSentence = before.filter((stream) => sameSentence.includes(stream));
  return inSentence.at(-1) ?? before.at(-1) ?? streams[0] ?? null;
}
