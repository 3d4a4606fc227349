import type { ProblemCard } from "@kestrelmoor/core/typing";
import { sql } from "drizzle-orm";
import {
  bigint,
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
  varchar,
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
    /** SHA-256 of the notebook key, which opens the workspace in another browser; `null` until one is asked for. */
    keyHash: text("key_hash"),
    createdAt: moment("created_at").notNull().defaultNow(),
    /** The day on which it was last opened, give or take one. */
    usedAt: moment("used_at").notNull().defaultNow(),
  },
  (table) => [
    uniqueIndex("workspaces_key_hash_unique").on(table.keyHash),
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

/** Further browsers in which a workspace was opened with its notebook key, each by a secret of its own. */
export const browsers = pgTable(
  "browsers",
  {
    secretHash: text("secret_hash").primaryKey(),
    workspaceId: uuid("workspace_id")
      .notNull()
      .references(() => workspaces.id, { onDelete: "cascade" }),
    openedAt: moment("opened_at").notNull().defaultNow(),
  },
  (table) => [index("browsers_of_workspace").on(table.workspaceId)],
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
    /** What the notebook shows of it, made with a save; `null` in rows that are older than this column. */
    card: jsonb("card").$type<ProblemCard | null>(),
    /** Of which version the card was made: a copy of an older release saves without one. */
    cardVersion: integer("card_version"),
    /** Searched in every list. */
    question: text("question").generatedAlwaysAs(sql`draft ->> 'question'`),
    createdAt: moment("created_at").notNull().defaultNow(),
    updatedAt: moment("updated_at").notNull().defaultNow(),
    /** Set while the problem is in the bin. */
    deletedAt: moment("deleted_at"),
    /** Set when the bin is emptied of a demo problem: the row stays without its text, or the demo would show again. */
    emptiedAt: moment("emptied_at"),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.id] }),
    check("problems_version_positive", sql`${table.version} > 0`),
    index("problems_of_workspace")
      .on(table.workspaceId, table.updatedAt.desc(), table.id)
      .where(sql`${table.deletedAt} is null`),
    index("problems_in_bin")
      .on(table.workspaceId, table.deletedAt.desc())
      .where(sql`${table.deletedAt} is not null and ${table.emptiedAt} is null`),
  ],
);

/** A copy of a problem that whoever has its address may read, until it is taken back. */
export const sharedProblems = pgTable(
  "shared_problems",
  {
    /** What nobody guesses: it is the whole permission. */
    address: text("address").primaryKey(),
    workspaceId: uuid("workspace_id")
      .notNull()
      .references(() => workspaces.id, { onDelete: "cascade" }),
    problemId: uuid("problem_id").notNull(),
    draft: jsonb("draft").$type<unknown>().notNull(),
    sharedAt: moment("shared_at").notNull().defaultNow(),
  },
  (table) => [uniqueIndex("shared_problems_one_each").on(table.workspaceId, table.problemId)],
);

/** How much of a limit has been used, shared between all copies of this application. */
export const usedLimits = pgTable("used_limits", {
  key: varchar("key", { length: 255 }).primaryKey(),
  points: integer("points").notNull().default(0),
  /** Milliseconds since 1970. */
  expire: bigint("expire", { mode: "number" }),
});

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
