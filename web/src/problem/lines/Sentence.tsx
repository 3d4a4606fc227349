import { Fragment, type ReactNode } from "react";

interface SentenceProps {
  /** The words of a line with its parts in braces: "Money {direction} {amount} once, after {at}". */
  readonly words: string;
  /** What stands for a part. */
  readonly part: (name: string) => ReactNode;
}

/** A line as a sentence, with its fields in it. */
export function Sentence({ words, part }: SentenceProps) {
  // Every second piece is the name of a part.
  return words.split(/\{([a-z-]+)\}/).map((piece, place) => (
    // The words of a line change without its fields changing places.
    <Fragment key={place % 2 === 0 ? `words-${place}` : piece}>
      {place % 2 === 0 ? piece : part(piece)}
    </Fragment>
  ));
}
