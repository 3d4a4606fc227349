import { spawn } from "node:child_process";
import { once } from "node:events";
import { readFileSync } from "node:fs";
import { connect } from "node:net";
import { join } from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { test } from "../support/fixtures";
import { middleOf, report, reportFigure } from "./report";

const CONNECTIONS = 16;
const WARM_UP_MS = 1500;
const MEASURED_MS = 5000;
const ROUNDS = 3;

interface Answered {
  readonly perSecond: number;
  readonly refused: number;
}

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

const cases = JSON.parse(
  readFileSync(join(import.meta.dirname, "../../core/reference/problems.json"), "utf8"),
) as { problem: unknown }[];

/** How many questions a server at a port answers in a second. */
async function answeredAt(port: number): Promise<Answered> {
  const questions = cases.map(({ problem }) => {
    const body = JSON.stringify(problem);
    const head = [
      "POST /api/solve HTTP/1.1",
      `Host: 127.0.0.1:${port}`,
      "Content-Type: application/json",
      `Content-Length: ${Buffer.byteLength(body)}`,
    ];
    return Buffer.from(`${head.join("\r\n")}\r\n\r\n${body}`);
  });
  const tally: Tally = { answered: 0, refused: 0 };
  const stops = Array.from({ length: CONNECTIONS }, () => keepAsking(port, questions, tally));
  await pause(WARM_UP_MS);
  [tally.answered, tally.refused] = [0, 0];
  const began = performance.now();
  await pause(MEASURED_MS);
  const seconds = (performance.now() - began) / 1000;
  for (const stop of stops) stop();
  return { perSecond: tally.answered / seconds, refused: tally.refused };
}

test("validating and solving through HTTP", async ({ application }) => {
  const echo = spawn(process.execPath, [join(import.meta.dirname, "echo-server.mjs")], {
    stdio: ["ignore", "pipe", "inherit"],
  });
  const [line] = (await once(echo.stdout, "data")) as [Buffer];
  // In turns, since a shared machine is faster in one minute than in the next.
  const rounds: { readonly solved: Answered; readonly echoed: Answered }[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const solved = await answeredAt(application.port);
    const echoed = await answeredAt(Number(line.toString()));
    rounds.push({ solved, echoed });
  }
  echo.kill();
  report(
    "solved through HTTP by one process",
    `${middleOf(rounds.map(({ solved }) => solved.perSecond)).toFixed(0)} a second`,
  );
  report("  refused", Math.max(...rounds.map(({ solved }) => solved.refused)));
  reportFigure(
    "validating and solving through HTTP, to the same body echoed by a bare route",
    "0.80",
    middleOf(rounds.map(({ solved, echoed }) => solved.perSecond / echoed.perSecond)).toFixed(2),
  );
});
