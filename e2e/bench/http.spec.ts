import { readFileSync } from "node:fs";
import { connect } from "node:net";
import { join } from "node:path";
import { test } from "../support/fixtures";
import { report } from "./report";

const CONNECTIONS = 16;
const WARM_UP_MS = 1500;
const MEASURED_MS = 5000;

interface Tally {
  answered: number;
  refused: number;
}

/**
 * Asks over one connection, the next question as soon as an answer begins, for as long as it is let. On
 * plain sockets: a client that costs as much as the server would measure itself.
 */
function keepAsking(port: number, questions: readonly Buffer[], tally: Tally): () => void {
  let next = Math.floor(Math.random() * questions.length);
  const socket = connect(port, "127.0.0.1");
  const ask = () => socket.write(questions[next++ % questions.length] ?? "");
  socket.on("connect", ask);
  socket.on("error", () => (tally.refused += 1));
  socket.on("data", (chunk) => {
    const [, status] = /HTTP\/1\.1 (\d+)/.exec(chunk.toString("latin1")) ?? [];
    if (status === undefined) return;
    if (status === "200") tally.answered += 1;
    else tally.refused += 1;
    ask();
  });
  return () => socket.destroy();
}

test("validating and solving through HTTP", async ({ application, page }) => {
  const cases = JSON.parse(
    readFileSync(join(import.meta.dirname, "../../core/reference/problems.json"), "utf8"),
  ) as { problem: unknown }[];
  const questions = cases.map(({ problem }) => {
    const body = JSON.stringify(problem);
    const head = [
      "POST /api/solve HTTP/1.1",
      `Host: 127.0.0.1:${application.port}`,
      "Content-Type: application/json",
      `Content-Length: ${Buffer.byteLength(body)}`,
    ];
    return Buffer.from(`${head.join("\r\n")}\r\n\r\n${body}`);
  });
  const tally: Tally = { answered: 0, refused: 0 };
  const stops = Array.from({ length: CONNECTIONS }, () =>
    keepAsking(application.port, questions, tally),
  );
  await page.waitForTimeout(WARM_UP_MS);
  [tally.answered, tally.refused] = [0, 0];
  const began = performance.now();
  await page.waitForTimeout(MEASURED_MS);
  const seconds = (performance.now() - began) / 1000;
  report("solved through HTTP by one process", `${(tally.answered / seconds).toFixed(0)} a second`);
  report("  refused", tally.refused);
  for (const stop of stops) stop();
});
