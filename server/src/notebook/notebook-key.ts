import { createHash, randomInt } from "node:crypto";
import { wordlist } from "@scure/bip39/wordlists/english.js";

/** Seven of 2,048 words: 77 random bits. */
const WORDS = 7;

/** Every word of the list is known by its first four letters. */
const TELLING_LETTERS = 4;

const wordBy = new Map(wordlist.map((word) => [word.slice(0, TELLING_LETTERS), word]));

/** A new notebook key: "amber dust …", words of a public list that was made for writing down. */
export function newNotebookKey(): string {
  return Array.from({ length: WORDS }, () => wordlist[randomInt(wordlist.length)] ?? "").join(" ");
}

/**
 * Reads a key as somebody typed it: in any case, with anything but letters between the words, and each word at least
 * by the letters that tell it.
 *
 * @returns what is wrong with it, or the key as it was given
 */
export function readNotebookKey(
  typed: string,
): { readonly key: string } | { readonly fault: string } {
  const words = typed.toLowerCase().match(/[a-z]+/g) ?? [];
  const found = words.map((word) => wordBy.get(word.slice(0, TELLING_LETTERS)));
  const unknown = words.find((word, index) => !(found[index] ?? "").startsWith(word.slice(0, 40)));
  if (unknown !== undefined) {
    return {
      fault: `“${unknown.slice(0, 40)}” is not a word of a notebook key. Check its spelling.`,
    };
  }
  if (found.length !== WORDS) {
    const words = found.length === 1 ? "word" : "words";
    return { fault: `A notebook key has ${WORDS} words. This has ${found.length} ${words}.` };
  }
  return { key: found.join(" ") };
}

/** What is kept of a key. A fast hash will do: nobody tries 2⁷⁷ keys. */
export function hashOfKey(key: string): string {
  return createHash("sha256").update(`notebook key: ${key}`).digest("base64url");
}
