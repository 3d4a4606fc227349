import type { Choices, ToldReading } from "@kestrelmoor/core/question";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { loadReader } from "./load-reader";

type Read = (text: string, choices: Choices) => ToldReading;

const NOTHING: Choices = {};

/**
 * What a text is read as, while somebody types. The reader is loaded with the first letter, and reads when the keys
 * leave it time.
 *
 * @returns `null` for an empty text, and until the reader is there
 */
export function useReading(text: string, choices: Choices = NOTHING): ToldReading | null {
  const [read, setRead] = useState<Read | null>(null);
  const isWanted = text.trim() !== "";
  useEffect(() => {
    if (!isWanted || read !== null) return;
    let isLeft = false;
    void loadReader().then(({ readQuestion }) => {
      if (!isLeft) setRead(() => readQuestion);
    });
    return () => {
      isLeft = true;
    };
  }, [isWanted, read]);
  const settled = useDeferredValue(text);
  return useMemo(
    () => (read === null || settled.trim() === "" ? null : read(settled, choices)),
    [read, settled, choices],
  );
}
