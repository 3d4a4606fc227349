/**
 * JSON allows two things that the database does not keep in text: the character NUL, which nobody
 * typed, and half of a surrogate pair, which is shown as the replacement character anyway.
 */
export function storable<Value>(value: Value): Value {
  const text = JSON.stringify(value, (_, part: unknown) =>
    typeof part === "string"
      ? part.replaceAll("\0", "").replace(/\p{Surrogate}/gu, "\uFFFD")
      : part,
  );
  return JSON.parse(text) as Value;
}
