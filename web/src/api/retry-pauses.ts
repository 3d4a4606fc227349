/** How long to wait before each new try: twice as long as before the last one, up to the longest. */
export interface RetryPauses {
  readonly next: () => number;
  /** It has worked: the next failure is a first one. */
  readonly reset: () => void;
}

/** @param first, longest in milliseconds */
export function retryPauses(first = 1000, longest = 8000): RetryPauses {
  let pause = first;
  return {
    next: () => {
      const now = pause;
      pause = Math.min(2 * pause, longest);
      return now;
    },
    reset: () => {
      pause = first;
    },
  };
}
