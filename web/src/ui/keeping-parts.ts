import { replaceEqualDeep } from "@tanstack/react-query";

/**
 * Takes one value after another, and gives each with the objects and lists of the one before wherever they say the
 * same: what is made or drawn from a part that stays is not made again. For plain data.
 */
export function keepingParts<Value>(): (value: Value) => Value {
  let kept: Value | undefined;
  return (value) => {
    const next: Value = replaceEqualDeep(kept, value);
    kept = next;
    return next;
  };
}
