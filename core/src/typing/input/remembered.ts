/** Longer texts are read anew each time: a field of many amounts would keep too much. */
const LONGEST_KEPT = 200;
const MOST_KEPT = 300;

/**
 * A reader that reads each text once: with every key a draft is read anew, with each of its variants, and all of its
 * fields but one are as they were. The text that was read first is forgotten first.
 *
 * @param read depends on the text alone; what it returns is never changed
 */
export function remembered<Value>(read: (text: string) => Value): (text: string) => Value {
  const kept = new Map<string, Value>();
  return (text) => {
    if (text.length > LONGEST_KEPT) return read(text);
    const known = kept.get(text);
    if (known !== undefined || kept.has(text)) return known as Value;
    const value = read(text);
    const [first] = kept.size < MOST_KEPT ? [] : kept.keys();
    if (first !== undefined) kept.delete(first);
    kept.set(text, value);
    return value;
  };
}
