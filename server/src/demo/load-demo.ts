import { createHash } from "node:crypto";
import { readdir, readFile } from "node:fs/promises";
import { join } from "node:path";
import {
  PROBLEM_FILE_EXTENSION,
  QUESTION_FILE_EXTENSION,
  sentenceOf,
  USUAL_FORMAT,
} from "@kestrelmoor/core";
import {
  draftOfFile,
  parseDraft,
  problemCard,
  readParts,
  type Draft,
} from "@kestrelmoor/core/typing";
import { eq } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems, workspaces } from "../db/schema";

const EXTENSIONS = [PROBLEM_FILE_EXTENSION, QUESTION_FILE_EXTENSION];

/** What a notebook keeps beside a problem and its file has no place for, such as other projects. */
const BESIDE_EXTENSION = ".beside.json";

/** The demo problems stand in the notebook as if written one a day up to this one. */
const LATEST_DAY = Date.UTC(2026, 0, 31, 9);

/** Counts up with what is stored of a demo problem beside its file: the notebook is then loaded anew. */
const FORM = "2";
const DAY_MS = 24 * 60 * 60 * 1000;

/**
 * Loads the demo notebook from a folder of problem and question files, in the order of their names, newest first.
 * Does nothing where the same files were loaded before; guests keep what they have changed.
 *
 * @returns whether anything was loaded
 */
export async function loadDemo(database: Database, folder: string): Promise<boolean> {
  const files = await readdir(folder);
  const names = files.filter((name) => EXTENSIONS.some((own) => name.endsWith(own))).sort();
  const texts = await Promise.all(names.map((name) => readFile(join(folder, name), "utf8")));
  const beside = await Promise.all(
    names.map(async (name) => {
      const own = EXTENSIONS.reduce((one, end) => one.replace(end, BESIDE_EXTENSION), name);
      return files.includes(own) ? readFile(join(folder, own), "utf8") : "";
    }),
  );
  const fingerprint = createHash("sha256")
    .update([FORM, ...texts, ...beside].join("\0"))
    .digest("base64url");
  return database.transaction(async (transaction) => {
    const [known] = await transaction
      .select({ id: workspaces.id, fingerprint: workspaces.fingerprint })
      .from(workspaces)
      .where(eq(workspaces.kind, "demo"))
      .for("update");
    if (known?.fingerprint === fingerprint) return false;
    if (known !== undefined)
      await transaction.delete(workspaces).where(eq(workspaces.id, known.id));
    const [created] = await transaction
      .insert(workspaces)
      .values({ kind: "demo", fingerprint })
      .returning({ id: workspaces.id });
    if (created === undefined) throw new Error("The demo workspace was not created");
    const rows = texts.map((text, index) => {
      const moment = new Date(LATEST_DAY - index * DAY_MS);
      const draft = demoDraft(names[index] ?? "", text, beside[index] ?? "");
      return {
        id: demoId(names[index] ?? ""),
        workspaceId: created.id,
        title: draft.title,
        draft,
        card: problemCard(draft, readParts(draft)),
        cardVersion: 1,
        createdAt: moment,
        updatedAt: moment,
      };
    });
    if (rows.length > 0) await transaction.insert(problems).values(rows);
    return true;
  });
}

/** The same for a file at each load, so that the address of its problem stays: UUID version 8, from its name. */
function demoId(name: string): string {
  const hex = createHash("sha256").update(name).digest("hex");
  return [
    hex.slice(0, 8),
    hex.slice(8, 12),
    `8${hex.slice(13, 16)}`,
    `8${hex.slice(17, 20)}`,
    hex.slice(20, 32),
  ].join("-");
}

function demoDraft(name: string, text: string, beside: string): Draft {
  const draft = draftOfDemo(name, text);
  if (beside === "") return draft;
  const whole = parseDraft({ ...draft, ...(JSON.parse(beside) as object) });
  if (whole.ok) return whole.value;
  throw new Error(`The file beside the demo problem ${name} cannot be read.`);
}

function draftOfDemo(name: string, text: string): Draft {
  const read = draftOfFile(text);
  if (read.ok) return read.value;
  const faults = read.issues.map(
    (found) => `${found.path.join(".")}: ${sentenceOf(found, USUAL_FORMAT)}`,
  );
  throw new Error(`The demo problem ${name} cannot be read: ${faults.join(" ")}`);
}
