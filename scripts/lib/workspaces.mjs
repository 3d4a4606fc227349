export const WORKSPACES = ["core", "contract", "server", "web", "demo", "e2e"];

/** The workspaces whose types a change can break: those that import it, directly or not. */
const IMPORTED_BY = {
  core: WORKSPACES,
  contract: ["contract", "server", "web"],
  server: ["server"],
  web: ["web"],
  demo: ["demo"],
  e2e: ["e2e"],
};

export function workspacesReachedBy(files) {
  const changed = Object.keys(IMPORTED_BY).filter((name) =>
    files.some((file) => file.startsWith(`${name}/`)),
  );
  const reached = new Set(changed.flatMap((name) => IMPORTED_BY[name]));
  return WORKSPACES.filter((name) => reached.has(name));
}
