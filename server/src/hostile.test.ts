import { expect, test } from "@jest/globals";
import { existsSync } from "node:fs";
import { join } from "node:path";
import request from "supertest";
import { faultOf, hostileRequest, seeded } from "../test/hostile-requests";
import { createTestApp } from "../test/test-app";
import { createPool } from "./calculations/pool";

/** A list of examples that one seed draws; `npm run soak` sends fifty thousand. */
const REQUESTS = 400;
const SEED = 20_261_128;

test(`${REQUESTS} hostile requests are answered, each by a sentence or a result`, async () => {
  const file = join(__dirname, "../dist/calculator.js");
  if (!existsSync(file)) throw new Error("Build the server first: npm run build");
  const pool = createPool({ file, threads: 2 });
  const served = await createTestApp({ calculator: pool });
  const agent = request.agent(served.app);
  const random = seeded(SEED);
  const faults: string[] = [];
  try {
    for (let sent = 0; sent < REQUESTS; sent += 1) {
      const { method, path, text } = hostileRequest(random);
      const asked = agent[method](path).set("Content-Type", "application/json");
      const reply = await (method === "get" ? asked : asked.send(text));
      const fault = faultOf(reply.status, reply.text);
      if (fault !== null)
        faults.push(`${sent}: ${method} ${path} ${text.slice(0, 300)} → ${fault}`);
    }
    expect(faults).toEqual([]);
    await agent.get("/api/problems?pageSize=100").expect(200);
    await agent.get("/api/notebook/file").expect(200);
  } finally {
    await served.close();
    await pool.close();
  }
});
