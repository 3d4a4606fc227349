/**
 * What is read once for all who ask within so many milliseconds from then. What went wrong is read again for the next.
 */
export function sharedFor<T>(milliseconds: number, read: () => Promise<T>): () => Promise<T> {
  let shared: { readonly found: Promise<T>; readonly until: number } | null = null;
  return () => {
    const now = performance.now();
    if (shared === null || now >= shared.until) {
      const found = read();
      shared = { found, until: now + milliseconds };
      found.catch(() => (shared = null));
    }
    return shared.found;
  };
}
