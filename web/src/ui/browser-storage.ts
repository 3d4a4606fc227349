/**
 * What this browser remembers. A browser may forbid it or be full; then nothing is remembered, and whoever asks for it
 * is told.
 */
export const browserStorage = {
  read: (key: string): string | null => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  /** @returns whether it is remembered */
  write: (key: string, text: string): boolean => {
    try {
      localStorage.setItem(key, text);
      return true;
    } catch {
      return false;
    }
  },
  remove: (key: string): void => {
    try {
      localStorage.removeItem(key);
    } catch {
      // What cannot be read was never there.
    }
  },
  /** Every key that begins like this. */
  keys: (beginning: string): string[] => {
    try {
      return Object.keys(localStorage).filter((key) => key.startsWith(beginning));
    } catch {
      return [];
    }
  },
};
