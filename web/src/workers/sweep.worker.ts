import { answerSweep } from "./answer-sweep";
import type { SweepRequest } from "./sweep-messages";

let latest = -1;

self.addEventListener("message", ({ data }: MessageEvent<SweepRequest>) => {
  latest = data.id;
  void answerSweep(data, {
    tell: (message, transfer = []) => self.postMessage(message, { transfer }),
    isStale: () => latest !== data.id,
    pause: () => new Promise((resolve) => setTimeout(resolve)),
  });
});
