import {
  MOST_MERGED,
  unreadNotebookFile,
  type MergeReply,
  type UnreadCarriedProblem,
  type UnreadNotebookFile,
} from "@kestrelmoor/contract";

/** A call takes a mebibyte; this leaves room for what stands around the problems. */
const MOST_CHARACTERS = 400_000;

/** No notebook that anybody filled is larger. */
const MOST_BYTES = 200_000_000;

export type ReadNotebook =
  | { readonly ok: true; readonly file: UnreadNotebookFile }
  | { readonly ok: false; readonly sentence: string };

/** Reads a notebook file that somebody has chosen. */
export async function readNotebookFile(file: File): Promise<ReadNotebook> {
  if (file.size > MOST_BYTES) return { ok: false, sentence: "The file is too large." };
  let document: unknown;
  try {
    document = JSON.parse(await file.text());
  } catch {
    return { ok: false, sentence: "This is not a notebook file, or a part of it is missing." };
  }
  const { format, version } = (document ?? {}) as { format?: unknown; version?: unknown };
  if (format === "kestrelmoor-problem") {
    return {
      ok: false,
      sentence: "This is a file of one problem. Open it on the page of the notebook.",
    };
  }
  if (format !== "kestrelmoor-notebook") {
    return { ok: false, sentence: "This is not a notebook file." };
  }
  if (typeof version === "number" && version > 1) {
    return {
      ok: false,
      sentence: `This file is from a newer version (${version}) of Kestrelmoor. Nothing was changed.`,
    };
  }
  const read = unreadNotebookFile.safeParse(document);
  return read.success
    ? { ok: true, file: read.data }
    : { ok: false, sentence: "This notebook file is damaged. Nothing was changed." };
}

/** The problems of a file in parts that one call takes. */
export function inParts(problems: readonly UnreadCarriedProblem[]): UnreadCarriedProblem[][] {
  const parts: UnreadCarriedProblem[][] = [];
  let size = Infinity;
  for (const problem of problems) {
    const own = JSON.stringify(problem).length;
    const part = parts.at(-1);
    if (part === undefined || size + own > MOST_CHARACTERS || part.length >= MOST_MERGED) {
      parts.push([problem]);
      size = own;
    } else {
      part.push(problem);
      size += own;
    }
  }
  return parts;
}

export function summed(replies: readonly MergeReply[]): MergeReply {
  const sum = (of: (reply: MergeReply) => number) =>
    replies.reduce((total, reply) => total + of(reply), 0);
  return {
    added: sum(({ added }) => added),
    restored: sum(({ restored }) => restored),
    same: sum(({ same }) => same),
    unread: sum(({ unread }) => unread),
  };
}

/** What has come of reading a file, in a few sentences. */
export function mergedWords({ added, restored, same, unread }: MergeReply): string {
  const parts = [
    added > 0 || (restored === 0 && same === 0) ? `${problems(added)} added.` : "",
    restored > 0 ? `${problems(restored)} restored from the bin.` : "",
    same > 0 ? `${problems(same)} ${same === 1 ? "was" : "were"} here already.` : "",
    unread > 0 ? `${problems(unread)} could not be read.` : "",
  ];
  return parts.filter((part) => part !== "").join(" ");
}

function problems(count: number): string {
  if (count === 0) return "No problem";
  return count === 1 ? "1 problem" : `${count} problems`;
}
