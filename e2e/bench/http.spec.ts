import { readFileSync } from "node:fs";
import { Agent, request } from "node:http";
import { join } from "node:path";
import { test } from "../support/fixtures";
import { report } from "./report";

const CONNECTIONS = 24;
const SECONDS = 5;

/** One call over a connection that stays open; gives the status. */
function post(url: string, agent: Agent, body: string): Promise<number> {
  return new Promise((resolve, reject) => {
    const call = request(
      url,
      {
        method: "POST",
        agent,
        headers: { "Content-Type": "application/json", "Content-Length": Buffer.byteLength(body) },
      },
      (response) => {
        response.resume();
        response.on("end", () => resolve(response.statusCode ?? 0));
      },
    );
    call.on("error", reject);
    call.end(body);
  });
}

test("validating and solving through HTTP", async ({ application }) => {
  const cases = JSON.parse(
    readFileSync(join(import.meta.dirname, "../../core/reference/problems.json"), "utf8"),
  ) as { problem: unknown }[];
  const bodies = cases.map(({ problem }) => JSON.stringify(problem));
  const agent = new Agent({ keepAlive: true, maxSockets: CONNECTIONS });
  const url = `${application.url}/api/solve`;
  let answered = 0;
  let refused = 0;
  let ends = performance.now() + 1500;
  const ask = async (): Promise<void> => {
    for (let turn = 0; performance.now() < ends; turn += 1) {
      const status = await post(url, agent, bodies[turn % bodies.length] ?? "");
      if (status === 200) answered += 1;
      else refused += 1;
    }
  };
  const all = () => Promise.all(Array.from({ length: CONNECTIONS }, ask));
  await all();
  [answered, refused] = [0, 0];
  const began = performance.now();
  ends = began + SECONDS * 1000;
  await all();
  const seconds = (performance.now() - began) / 1000;
  report("solved through HTTP by one process", `${(answered / seconds).toFixed(0)} a second`);
  report("  refused", refused);
  agent.destroy();
});
