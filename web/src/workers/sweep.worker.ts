import { answerSweep } from "./answer-sweep";
import type { SweepRequest } from "./sweep-messages";

self.addEventListener("message", ({ data }: MessageEvent<SweepRequest>) => {
  answerSweep(data, (message, transfer = []) => self.postMessage(message, { transfer }));
});
