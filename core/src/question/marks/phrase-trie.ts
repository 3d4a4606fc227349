import { numberAt } from "../text/number-words";
import type { Token } from "../text/tokens";
import type { Captured, PhraseFacts, PhraseRow } from "./phrase";
import { spanAt } from "./quantity";
import { timesSpan } from "./span";
import { adverbAt, unitAt } from "./units";

/** A phrase found in a text. */
export interface PhraseAt extends PhraseFacts, Captured {
  readonly next: number;
}

interface Node {
  readonly words: Map<string, Node>;
  readonly slots: Map<Slot, Node>;
  facts: PhraseFacts | null;
}

type Slot = "unit" | "adverb" | "period" | "span" | "length" | "n" | "rank" | "any";

/** All phrases in one tree, so that a text is read in one pass, whatever their number. */
export class PhraseTrie {
  private readonly root: Node = emptyNode();

  constructor(rows: readonly PhraseRow[]) {
    for (const { says, ...facts } of rows) {
      for (const pattern of says) {
        for (const words of expand(pattern)) this.add(words, facts);
      }
    }
  }

  private add(words: readonly string[], facts: PhraseFacts): void {
    let node = this.root;
    for (const word of words) {
      const slot = /^\{(\w+)\}$/.exec(word)?.[1] as Slot | undefined;
      const next =
        (slot === undefined ? node.words.get(word) : node.slots.get(slot)) ?? emptyNode();
      if (slot === undefined) node.words.set(word, next);
      else node.slots.set(slot, next);
      node = next;
    }
    node.facts ??= facts;
  }

  /** The longest phrase that begins at a token; `null` where none does. */
  longestAt(tokens: readonly Token[], at: number): PhraseAt | null {
    const sentence = tokens[at]?.sentence ?? 0;
    return longest(this.root, tokens, at, { numbers: [] }, sentence);
  }
}

function emptyNode(): Node {
  return { words: new Map(), slots: new Map(), facts: null };
}

function longest(
  node: Node,
  tokens: readonly Token[],
  at: number,
  captured: Captured,
  sentence: number,
): PhraseAt | null {
  let best: PhraseAt | null = node.facts === null ? null : { ...node.facts, ...captured, next: at };
  const token = tokens[at];
  // A phrase stays in its sentence.
  if (token?.sentence !== sentence) return best;
  const consider = (found: PhraseAt | null) => {
    if (found !== null && (best === null || found.next > best.next)) best = found;
  };
  const word = node.words.get(token.word);
  if (word !== undefined) consider(longest(word, tokens, at + 1, captured, sentence));
  for (const [slot, inner] of node.slots) {
    const filled = fill(slot, tokens, at);
    if (filled === null) continue;
    consider(longest(inner, tokens, filled.next, joined(captured, filled), sentence));
  }
  return best;
}

function joined(captured: Captured, filled: Filled): Captured {
  return {
    ...captured,
    // A unit that is named again ("year 5 to year 16") is the same unit.
    ...(filled.iso === undefined ? {} : { iso: captured.iso ?? filled.iso }),
    numbers: filled.value === undefined ? captured.numbers : [...captured.numbers, filled.value],
  };
}

interface Filled {
  readonly next: number;
  readonly iso?: string;
  readonly value?: number;
}

function fill(slot: Slot, tokens: readonly Token[], at: number): Filled | null {
  switch (slot) {
    case "unit":
      return unitAt(tokens, at);
    case "adverb":
      return adverbAt(tokens, at);
    case "period":
      return periodAt(tokens, at);
    case "span": {
      const read = spanAt(tokens, at);
      return read?.quantity.is === "span" ? { iso: read.quantity.iso, next: read.next } : null;
    }
    case "length": {
      const read = spanAt(tokens, at);
      if (read?.quantity.is !== "span" || read.quantity.isArticle) return null;
      return { iso: read.quantity.iso, next: read.next };
    }
    case "n":
    case "rank": {
      const read = numberAt(tokens, at);
      const isFit = read !== null && read.isOrdinal === (slot === "rank");
      return isFit ? { value: read.value, next: read.next } : null;
    }
    case "any":
      return tokens[at]?.kind === "word" ? { next: at + 1 } : null;
  }
}

/** "month", "two months", "second month", "other week". */
function periodAt(tokens: readonly Token[], at: number): Filled | null {
  const unit = unitAt(tokens, at);
  if (unit !== null) return unit;
  const word = tokens[at]?.word ?? "";
  if (word === "other" || word === "second" || word === "third") {
    const inner = unitAt(tokens, at + 1);
    return inner === null
      ? null
      : { iso: timesSpan(word === "third" ? 3 : 2, inner.iso), next: inner.next };
  }
  const read = spanAt(tokens, at);
  if (read?.quantity.is !== "span" || read.quantity.isArticle) return null;
  return { iso: read.quantity.iso, next: read.next };
}

/** Every row of words that a pattern stands for. */
export function expand(pattern: string): string[][] {
  let rows: string[][] = [[]];
  const parts = pattern.match(/\([^)]*\)|\[[^\]]*\]|\S+/g) ?? [];
  for (const part of parts) {
    const inner = part.slice(1, -1);
    const choices = part.startsWith("(")
      ? inner.split("|")
      : part.startsWith("[")
        ? ["", ...inner.split("|")]
        : [part];
    rows = rows.flatMap((row) =>
      choices.map((choice) => [...row, ...choice.split(" ").filter((word) => word !== "")]),
    );
  }
  return rows;
}
