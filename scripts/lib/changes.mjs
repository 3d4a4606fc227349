import { ROOT } from "./folders.mjs";
import { capture } from "./run.mjs";
import { Obstacle } from "./stop-with.mjs";

/** The files that differ from a commit, new and deleted ones included, as paths from the root. */
export function changedSince(commit) {
  const git = (...args) => capture("git", args, { cwd: ROOT }).split("\n").filter(Boolean);
  try {
    const [base] = git("merge-base", commit, "HEAD");
    const tracked = git("diff", "--name-only", base);
    const untracked = git("ls-files", "--others", "--exclude-standard");
    return [...new Set([...tracked, ...untracked])].sort();
  } catch {
    throw new Obstacle(
      `Cannot compare with “${commit}”. Type a commit or a branch of this project.`,
    );
  }
}
