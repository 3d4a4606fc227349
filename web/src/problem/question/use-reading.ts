import type { Choices, ToldReading } from "@kestrelmoor/core/question";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { keepingParts } from "../../ui/keeping-parts";
import { loadReader } from "./load-reader";

type Read = (text: string, choices: Choices) => ReadText;

/** A text with what it is read as; while somebody types, it may be some letters behind. */
export interface ReadText {
  readonly text: string;
  readonly reading: ToldReading;
}

const NOTHING: Choices = {};

/**
 * What a text is read as, while somebody types. The reader is loaded with the first letter, and reads when the keys
 * leave it time. What is read as before stays the same object.
 *
 * @returns `null` for an empty text, and until the reader is there
 */
export function useReading(text: string, choices: Choices = NOTHING): ReadText | null {
  const [read, setRead] = useState<Read | null>(null);
  const isWanted = text.trim() !== "";
  useEffect(() => {
    if (!isWanted || read !== null) return;
    let isLeft = false;
    void loadReader().then(({ readQuestion }) => {
      if (isLeft) return;
      const keep = keepingParts<ToldReading>();
      const readKept: Read = (one, chosen) => ({
        text: one,
        reading: keep(readQuestion(one, chosen)),
      });
      setRead(() => readKept);
    });
    return () => {
      isLeft = true;
    };
  }, [isWanted, read]);
  // Both wait, or a key would first have the text before it read again with its own choices.
  const settled = useDeferredValue(text);
  const chosen = useDeferredValue(choices);
  return useMemo(
    () => (read === null || settled.trim() === "" ? null : read(settled, chosen)),
    [read, settled, chosen],
  );
}
