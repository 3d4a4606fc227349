/** The API is tested against a real PostgreSQL; `npm test` starts one and says where it is. */
export default function requireDatabase(): void {
  if (process.env["DATABASE_URL"] === undefined) {
    throw new Error(
      "Set DATABASE_URL to a PostgreSQL server, or run `npm test`, which starts one.",
    );
  }
}
