import type { ReactNode } from "react";
import type { Tone, ToneSpan } from "./span-tones";
import styles from "./Question.module.css";

const CLASSES: Readonly<Record<Exclude<Tone, "unused">, string | undefined>> = {
  in: styles.in,
  out: styles.out,
  time: styles.time,
  rate: styles.rate,
  asked: styles.asked,
  line: styles.line,
};

interface MarkedTextProps {
  readonly text: string;
  readonly spans: readonly ToneSpan[];
}

/** The question with each phrase marked as what it became; a line's style tells it too, never the colour alone. */
export function MarkedText({ text, spans }: MarkedTextProps) {
  const pieces: ReactNode[] = [];
  let done = 0;
  for (const { from, to, tone, says } of spans) {
    if (from < done) continue;
    pieces.push(text.slice(done, from));
    const words = text.slice(from, to);
    pieces.push(
      tone === "unused" ? (
        <s key={from} className={styles.unused} title={says}>
          {words}
        </s>
      ) : (
        <mark key={from} className={CLASSES[tone]} title={says}>
          {words}
        </mark>
      ),
    );
    done = to;
  }
  pieces.push(text.slice(done));
  return <>{pieces}</>;
}
