import { askIn, isAsking } from "../asked/ask";
import type { AskKind } from "../asked/ask-kind";
import { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";

/** What a text has before its parts, and each part with its label. */
export interface Split {
  readonly preamble: readonly Mark[];
  readonly parts: readonly { readonly label: string; readonly marks: readonly Mark[] }[];
  /** The marks of the labels themselves, with their brackets. */
  readonly labels: readonly Mark[];
}

const ROMANS = ["i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x"];
const LETTERS = ["a", "b", "c", "d", "e", "f", "g", "h", "i", "j"];
const DIGITS = ["1", "2", "3", "4", "5", "6", "7", "8", "9", "10"];

interface Label {
  readonly label: string;
  readonly first: number;
  readonly behind: number;
}

/** Cuts a text at "(a) … (b) …", "i) … ii) …" or "1. … 2. …": two labels or more, from the first of their kind on. */
export function splitParts(marks: readonly Mark[]): Split {
  const found = marks.flatMap((_, at) => labelAt(marks, at) ?? []);
  for (const sequence of [LETTERS, ROMANS, DIGITS]) {
    const labels = inSequence(found, sequence);
    const [first] = labels;
    if (labels.length < 2 || first === undefined) continue;
    return {
      preamble: marks.slice(0, first.first),
      parts: labels.map(({ label, behind }, index) => ({
        label,
        marks: marks.slice(behind, labels[index + 1]?.first),
      })),
      labels: labels.flatMap(({ first: from, behind }) => marks.slice(from, behind)),
    };
  }
  return { preamble: marks, parts: [], labels: [] };
}

const NAME = /^(?:[a-j]|[ivx]+|\d{1,2})$/;
const LONGEST_NAME = 4;

function labelAt(marks: readonly Mark[], at: number): Label | null {
  const word = marks[at]?.word ?? "";
  if (word.length > LONGEST_NAME) return null;
  const open = word === "(" || word === "[" || word === "part";
  const name = marks[open ? at + 1 : at];
  const close = marks[open ? at + 2 : at + 1];
  if (name === undefined || close === undefined || name.phrase !== undefined) return null;
  const isClosed =
    close.word === ")" ||
    close.word === "]" ||
    ((!open || word === "part") && (close.word === "." || close.word === ":"));
  const isTight = close.from === name.to;
  if (!isClosed || !isTight || !NAME.test(name.word)) return null;
  // "At a) 5% effective, b) 6% …": a letter with a bracket that touches it is a label anywhere.
  const isLetter = close.word === ")" && /^[a-j]$/.test(name.word);
  if (!open && !isLetter && !isAtStart(marks, at)) return null;
  return { label: name.word, first: at, behind: open ? at + 3 : at + 2 };
}

/** Without an opening bracket a label stands at the start of a line or a sentence. */
function isAtStart(marks: readonly Mark[], at: number): boolean {
  const [before, mark] = [marks[at - 1], marks[at]];
  return before === undefined || before.line !== mark?.line || /^[.?!;:]$/.test(before.word);
}

function inSequence(found: readonly Label[], sequence: readonly string[]): Label[] {
  const labels: Label[] = [];
  for (const label of found) {
    if (label.label === sequence[labels.length]) labels.push(label);
  }
  return labels;
}

/** Cuts a text at its labels; without labels, at a second question that goes on from the first. */
export function splitOf(marks: readonly Mark[]): Split {
  const labelled = splitParts(marks);
  return labelled.parts.length > 0 ? labelled : splitQuestions(marks);
}

const FOLLOWS = new Set<AskKind>(["balance", "interest", "principal", "total"]);
const FINDS = new Set<AskKind>(["payment", "future", "start", "count", "time", "rate", "present"]);

/** "What is the payment? How much is owed after 5 years?" and "How many? And how many if £1,000 is paid instead?" */
function splitQuestions(marks: readonly Mark[]): Split {
  const none = { preamble: marks, parts: [], labels: [] };
  const sentences = new Scope(marks).sentences();
  // Nearly all questions ask once.
  if (sentences.filter(isAsking).length < 2) return none;
  const asks = sentences.map((sentence) => askIn(new Scope(sentence), new Set()));
  const first = asks.findIndex((ask) => ask !== null && FINDS.has(ask.kind));
  const [question, ...others] = sentences.slice(first);
  if (first === -1 || question === undefined) return none;
  // "Calculate: loan £5,000, 4 years, …. Payment?" names what is told.
  if (question[1]?.word === ":") return none;
  const later = others.flatMap((sentence, index) => {
    const ask = asks[first + 1 + index];
    const isVariant =
      sentence.some(({ word }) => word === "if") &&
      sentence.some(({ word }) => /^(?:instead|were|was|is|are|had)$/.test(word)) &&
      sentence.some(({ quantity }) => quantity !== undefined);
    const kind = ask?.kind ?? "amount";
    const goesOn = FOLLOWS.has(kind) || (isVariant && sentence.at(-1)?.word === "?");
    return goesOn ? [sentence] : [];
  });
  if (later.length === 0) return none;
  const taken = new Set([question, ...later].flat());
  const groups = [question, ...later];
  return {
    preamble: marks.filter((mark) => !taken.has(mark)),
    parts: groups.map((group, index) => ({ label: LETTERS[index] ?? "z", marks: group })),
    labels: [],
  };
}
