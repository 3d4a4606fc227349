import type { MergeReply, UnreadCarriedProblem } from "@kestrelmoor/contract";
import { readDesk, type DeskPart } from "@kestrelmoor/core/typing";
import type { Calculator } from "../calculations/calculator";
import { delegate } from "../calculations/delegate";
import type { Database } from "../db/database";
import { storable } from "../db/storable";
import { keepDeskPart, readDeskOf } from "../desk/store";
import { Refusal } from "../http/refusal";
import { MOST_PROBLEMS, notebookFull } from "../problems/most-problems";
import { countProblems } from "../problems/store";
import type { Workspace } from "../workspaces/store";
import { mergeProblems, type Joining } from "./merge";
import { carriedRows, moveShares, storedDesk } from "./store";

/** What a notebook takes in: problems of a file, or another notebook whole. */
export interface TakeIn {
  readonly problems: (
    workspace: Workspace,
    carried: readonly UnreadCarriedProblem[],
  ) => Promise<MergeReply>;
  readonly desk: (workspace: Workspace, stored: Readonly<Record<string, unknown>>) => Promise<void>;
  /** Everything of one workspace into another; links to shared copies lead on. */
  readonly notebook: (from: Workspace, to: Workspace) => Promise<MergeReply>;
}

export function takingIn(database: Database, calculator: Calculator): TakeIn {
  /** Reads a carried problem; `null` for one that cannot be read. */
  async function joiningOf(carried: UnreadCarriedProblem): Promise<Joining | null> {
    const { id, createdAt, updatedAt, deletedAt } = carried;
    try {
      const text = JSON.stringify({ draft: carried.draft });
      const { draft, card } = await delegate(calculator, "prepare-save", text);
      return {
        ...{ id, draft, card },
        createdAt: new Date(createdAt),
        updatedAt: new Date(updatedAt),
        deletedAt: deletedAt === null ? null : new Date(deletedAt),
      };
    } catch (error) {
      if (error instanceof Refusal && error.status < 500) return null;
      throw error;
    }
  }

  async function takeProblems(
    workspace: Workspace,
    carried: readonly UnreadCarriedProblem[],
  ): Promise<MergeReply> {
    const joining: (Joining | null)[] = [];
    // A few at a time: others wait for a thread too.
    for (let first = 0; first < carried.length; first += READ_AT_ONCE) {
      const some = carried.slice(first, first + READ_AT_ONCE);
      joining.push(...(await Promise.all(some.map(joiningOf))));
    }
    const read = joining.filter((problem) => problem !== null);
    if ((await countProblems(database, workspace)) + read.length > MOST_PROBLEMS) {
      throw notebookFull();
    }
    const merged = await mergeProblems(database, workspace, read);
    return { ...merged, unread: joining.length - read.length };
  }

  /** What is typed on a page here is not written over. */
  async function takeDesk(
    workspace: Workspace,
    stored: Readonly<Record<string, unknown>>,
  ): Promise<void> {
    const there = await readDeskOf(database, workspace.id);
    for (const [part, content] of Object.entries(readDesk(stored))) {
      if (there[part as DeskPart] === undefined) {
        await keepDeskPart(database, workspace.id, part as DeskPart, storable(content));
      }
    }
  }

  async function takeNotebook(from: Workspace, to: Workspace): Promise<MergeReply> {
    let sum = NOTHING_MERGED;
    for await (const rows of carriedRows(database, from)) {
      const carried = rows.map((row) => ({
        id: row.id,
        draft: JSON.parse(row.draft) as unknown,
        createdAt: row.createdAt.toISOString(),
        updatedAt: row.updatedAt.toISOString(),
        deletedAt: row.deletedAt?.toISOString() ?? null,
      }));
      sum = added(sum, await takeProblems(to, carried));
    }
    await takeDesk(to, await storedDesk(database, from));
    // What cannot be read here is not thrown away with its workspace.
    if (sum.unread > 0) throw new Refusal(409, "notebook-unread", UNREAD);
    await moveShares(database, from, to);
    return sum;
  }

  return { problems: takeProblems, desk: takeDesk, notebook: takeNotebook };
}

const READ_AT_ONCE = 8;

const UNREAD =
  "A problem in this browser cannot be read, so it cannot come along. Save this notebook as a file first.";

export const NOTHING_MERGED: MergeReply = { added: 0, restored: 0, same: 0, unread: 0 };

function added(one: MergeReply, other: MergeReply): MergeReply {
  return {
    added: one.added + other.added,
    restored: one.restored + other.restored,
    same: one.same + other.same,
    unread: one.unread + other.unread,
  };
}
