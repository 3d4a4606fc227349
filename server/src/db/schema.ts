import { sql } from "drizzle-orm";
import {
  boolean,
  check,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
} from "drizzle-orm/pg-core";

const moment = (name: string) => timestamp(name, { withTimezone: true, precision: 3 });

/**
 * A workspace is what one browser sees. The demo workspace belongs to nobody: a guest sees its problems until they
 * are changed, and has rows of what was changed alone.
 */
export const workspaces = pgTable(
  "workspaces",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    kind: text("kind", { enum: ["guest", "demo"] }).notNull(),
    /** SHA-256 of the secret in the guest's cookie: the database alone opens no workspace. */
    secretHash: text("secret_hash"),
    /** Whether a guest sees the demo problems; older guests have copies of them. */
    showsDemo: boolean("shows_demo").notNull().default(false),
    /** Of the demo workspace, which problem files it was made from. */
    fingerprint: text("fingerprint"),
    createdAt: moment("created_at").notNull().defaultNow(),
  },
  (table) => [
    check("workspaces_kind_known", sql`${table.kind} in ('guest', 'demo')`),
    check(
      "workspaces_guest_has_secret",
      sql`(${table.kind} = 'guest') = (${table.secretHash} is not null)`,
    ),
    uniqueIndex("workspaces_secret_hash_unique").on(table.secretHash),
    uniqueIndex("workspaces_one_demo")
      .on(table.kind)
      .where(sql`${table.kind} = 'demo'`),
  ],
);

/**
 * A saved problem, in its owner's own words. Every row belongs to a workspace; a demo problem that a guest has changed
 * has the id that it has in the demo notebook, so that its address stays.
 */
export const problems = pgTable(
  "problems",
  {
    id: uuid("id").notNull().defaultRandom(),
    workspaceId: uuid("workspace_id")
      .notNull()
      .references(() => workspaces.id, { onDelete: "cascade" }),
    version: integer("version").notNull().default(1),
    title: text("title").notNull(),
    /** Of any released version: see `savedProblemOf`. */
    draft: jsonb("draft").$type<unknown>().notNull(),
    createdAt: moment("created_at").notNull().defaultNow(),
    updatedAt: moment("updated_at").notNull().defaultNow(),
    /** Set while the problem is in the bin. */
    deletedAt: moment("deleted_at"),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.id] }),
    check("problems_version_positive", sql`${table.version} > 0`),
    index("problems_of_workspace")
      .on(table.workspaceId, table.updatedAt.desc(), table.id)
      .where(sql`${table.deletedAt} is null`),
  ],
);

/** What is typed on the pages of rates and of tables: one row for each part that was changed. */
export const deskParts = pgTable(
  "desk_parts",
  {
    workspaceId: uuid("workspace_id")
      .notNull()
      .references(() => workspaces.id, { onDelete: "cascade" }),
    part: text("part").notNull(),
    content: jsonb("content").$type<unknown>().notNull(),
    updatedAt: moment("updated_at").notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.workspaceId, table.part] })],
);
