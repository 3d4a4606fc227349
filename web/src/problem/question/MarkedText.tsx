import type { ReactNode } from "react";
import { draggedPhrase } from "./dragged-phrase";
import { usePhrasePointing, type LinePlace } from "./pointed";
import type { Tone, ToneSpan } from "./span-tones";
import styles from "./Question.module.css";

type MarkedTone = Exclude<Tone, "unused" | "loose">;

const CLASSES: Readonly<Record<MarkedTone, string | undefined>> = {
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
  for (const { from, to, tone, says, place } of spans) {
    if (from < done) continue;
    pieces.push(text.slice(done, from));
    const words = text.slice(from, to);
    pieces.push(
      tone === "loose" ? (
        <span key={from} className={styles.loose} title={says} {...draggedPhrase(words)}>
          {words}
        </span>
      ) : tone === "unused" ? (
        <s key={from} className={styles.unused} title={says} {...draggedPhrase(words)}>
          {words}
        </s>
      ) : (
        <Phrase key={from} tone={tone} says={says} place={place}>
          {words}
        </Phrase>
      ),
    );
    done = to;
  }
  pieces.push(text.slice(done));
  return <>{pieces}</>;
}

interface PhraseProps {
  readonly tone: MarkedTone;
  readonly says: string;
  readonly place: LinePlace | undefined;
  readonly children: string;
}

/** A phrase, which lights up with its line. */
function Phrase({ tone, says, place, children }: PhraseProps) {
  const { isLit, props } = usePhrasePointing(place);
  return (
    <mark
      className={`${CLASSES[tone] ?? ""} ${isLit ? (styles.lit ?? "") : ""}`}
      title={says}
      {...props}
      {...draggedPhrase(children)}
    >
      {children}
    </mark>
  );
}
