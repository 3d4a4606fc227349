/** How often to look whether whoever started this process is still there. */
const LOOK_EVERY_MS = 1000;

/**
 * Resolves when the process is told to end: by Ctrl-C, by SIGTERM or SIGHUP, or because the shell or
 * `npm` that started it is gone, which does not always pass the signal on.
 */
export function untilTold() {
  const parent = process.ppid;
  return new Promise((resolve) => {
    for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"]) process.on(signal, resolve);
    setInterval(() => {
      if (parent !== 1 && process.ppid !== parent) resolve();
    }, LOOK_EVERY_MS).unref();
  });
}
