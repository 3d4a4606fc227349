/** A file larger than this is no list of amounts that anybody typed. */
const MOST_BYTES = 20_000_000;

export type ReadFile =
  | { readonly ok: true; readonly name: string; readonly text: string }
  | { readonly ok: false; readonly sentence: string };

/** The text of a file, whatever it is written in. A mark at its beginning says which; else it is UTF-8 or Windows'. */
export async function readTextFile(file: File): Promise<ReadFile> {
  const { name } = file;
  if (file.size > MOST_BYTES) {
    return {
      ok: false,
      sentence: `“${name}” is too large. The limit is 20 MB.`,
    };
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  const text = decoded(bytes);
  if (text.includes("\0")) {
    return {
      ok: false,
      sentence: `“${name}” is not a text file. Save the list as CSV first.`,
    };
  }
  return { ok: true, name, text };
}

function decoded(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}
