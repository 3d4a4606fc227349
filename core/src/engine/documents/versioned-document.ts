import { issue } from "../issues/issue";
import { fail, type Result } from "../result";

export type JsonObject = Readonly<Record<string, unknown>>;

/** Everything there is to know about a kind of document that outlives the program which wrote it. */
export interface VersionedDocument<Current> {
  /** What its `format` field says. */
  readonly format: string;
  /** The version that this program writes. */
  readonly version: number;
  /** For each older version the step that makes the next one from it. */
  readonly migrations: Readonly<Record<number, (document: JsonObject) => JsonObject>>;
  /** Judges a document of the current version. */
  readonly validate: (document: JsonObject) => Result<Current>;
}

/**
 * Reads a document of any version up to the current one: migrate first, validate after.
 * A document from a newer program gets its own issue, so that nobody overwrites what they cannot read.
 *
 * @param raw anything that JSON can hold
 * @returns the document in its current version; fails with `file-not-a-problem`,
 *   `file-version-unreadable`, `file-from-the-future` or the issues of its validator
 */
export function readVersioned<Current>(
  definition: VersionedDocument<Current>,
  raw: unknown,
): Result<Current> {
  const { format, version: newest, migrations, validate } = definition;
  if (!isObject(raw) || raw["format"] !== format) {
    return fail(issue("file-not-a-problem", [], { format }));
  }
  const { version } = raw;
  if (typeof version !== "number" || !Number.isInteger(version) || version < 1) {
    return fail(issue("file-version-unreadable", ["version"], {}));
  }
  if (version > newest) {
    return fail(issue("file-from-the-future", ["version"], { version, newest }));
  }
  let document: JsonObject = raw;
  for (let step = version; step < newest; step += 1) {
    const migrate = migrations[step];
    if (migrate === undefined) throw new Error(`${format} has no migration from version ${step}`);
    document = { ...migrate(document), version: step + 1 };
  }
  return validate(document);
}

function isObject(raw: unknown): raw is JsonObject {
  return typeof raw === "object" && raw !== null && !Array.isArray(raw);
}
