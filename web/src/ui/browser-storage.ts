/**
 * What this browser remembers. A browser may forbid it or be full; then nothing is remembered, and
 * nothing else changes.
 */
export const browserStorage = {
  read: (key: string): string | null => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  write: (key: string, text: string): void => {
    try {
      localStorage.setItem(key, text);
    } catch {
      // See above.
    }
  },
  remove: (key: string): void => {
    try {
      localStorage.removeItem(key);
    } catch {
      // See above.
    }
  },
};
