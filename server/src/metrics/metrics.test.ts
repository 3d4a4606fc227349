import { expect, test } from "@jest/globals";
import type { AddressInfo } from "node:net";
import request from "supertest";
import { createTestApp } from "../../test/test-app";
import { createMetrics } from "./metrics";

test("requests are measured by their routes, and served apart", async () => {
  const metrics = createMetrics();
  const served = await createTestApp({ measure: metrics.measure });
  const server = await metrics.serve("127.0.0.1", 0);
  try {
    const { body } = await request(served.app).get("/api/problems").expect(200);
    expect(body).toMatchObject({ total: 0 });
    await request(served.app).get("/api/problems/5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d").expect(404);
    await request(served.app).post("/api/solve").send({}).expect(422);
    await request(served.app).get("/api/secret-words");
    const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const text = await (await fetch(`${address}/metrics`)).text();
    expect(text).toMatch(
      /http_request_duration_seconds_count\{method="GET",route="\/api\/problems",status="200"\} 1/,
    );
    expect(text).toMatch(/route="\/api\/problems\/:id",status="404"/);
    expect(text).toMatch(/method="POST",route="\/api\/solve",status="422"/);
    expect(text).toContain("nodejs_eventloop_lag_seconds");
    expect(text).not.toMatch(/5f0c1c1e|secret-words/);
    expect((await fetch(`${address}/`)).status).toBe(404);
    await request(served.app).get("/metrics").accept("json").expect(404);
  } finally {
    server.close();
    await served.close();
  }
});
