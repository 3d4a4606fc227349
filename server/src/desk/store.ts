import { readDesk, type Desk, type DeskPart } from "@kestrelmoor/core/typing";
import { eq, sql } from "drizzle-orm";
import type { Database } from "../db/database";
import { deskParts } from "../db/schema";

/** The parts of a workspace that can be read; the others stay as they were kept. */
export async function readDeskOf(database: Database, workspaceId: string): Promise<Partial<Desk>> {
  const rows = await database
    .select({ part: deskParts.part, content: deskParts.content })
    .from(deskParts)
    .where(eq(deskParts.workspaceId, workspaceId));
  return readDesk(Object.fromEntries(rows.map(({ part, content }) => [part, content])));
}

/** Keeps a part; what was kept of it before is written over. */
export async function keepDeskPart(
  database: Database,
  workspaceId: string,
  part: DeskPart,
  content: unknown,
): Promise<void> {
  await database
    .insert(deskParts)
    .values({ workspaceId, part, content })
    .onConflictDoUpdate({
      target: [deskParts.workspaceId, deskParts.part],
      set: { content, updatedAt: sql`now()` },
    });
}
