import type { Saver } from "./saver";

/**
 * Lets the browser ask before the page is closed or reloaded while the server does not have what was typed. A text that
 * is just being saved arrives all the same.
 *
 * @returns ends that
 */
export function warnOfLeaving({ state }: Pick<Saver, "state">): () => void {
  const warn = (event: BeforeUnloadEvent) => {
    const { kind } = state.getState();
    if (kind !== "saved" && kind !== "unsaved" && kind !== "saving") event.preventDefault();
  };
  window.addEventListener("beforeunload", warn);
  return () => window.removeEventListener("beforeunload", warn);
}
