import { createRequire } from "node:module";

/** The least that an application of the same kind does with a body: it is parsed, and sent back. */
const express = createRequire(new URL("../../server/package.json", import.meta.url))("express");

const app = express();
app.disable("x-powered-by");
app.set("etag", false);
app.post("/api/solve", express.json(), (request, response) => {
  response.json(request.body);
});
const server = app.listen(0, "127.0.0.1", () => process.stdout.write(`${server.address().port}\n`));
