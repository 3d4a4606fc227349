import { retryPauses } from "../api/retry-pauses";
import { untilReached } from "../api/server-reached";
import { showNotice } from "./notices";

/**
 * Loads a part of the page that comes when it is needed. While the server is away, or has newer parts than this page
 * knows, that fails: it is tried again and the page goes on, for what is typed must not be lost. As soon as the server
 * answers anything, it is tried at once.
 *
 * @param pause for tests
 */
export async function untilLoaded<Loaded>(
  load: () => Promise<Loaded>,
  pause: (milliseconds: number) => Promise<void> = untilReached,
): Promise<Loaded> {
  const pauses = retryPauses(500);
  for (;;) {
    try {
      return await load();
    } catch {
      showNotice({
        kind: "failed",
        text: "Cannot load this part of the page. Trying again…",
        action: { words: "Reload the page", run: () => window.location.reload() },
      });
      await pause(pauses.next());
    }
  }
}
