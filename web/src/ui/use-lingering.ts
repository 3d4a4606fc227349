import { useEffect, useState } from "react";

/**
 * A value once it has stayed the same for a while: what is told of half-typed text, or is costly to
 * draw, waits for a pause in the typing.
 */
export function useLingering<Value>(value: Value, milliseconds: number): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}
