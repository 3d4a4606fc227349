import { serve } from "./lib/serve.mjs";
import { untilTold } from "./lib/until-told.mjs";

/** The server alone, for development: `dev.mjs` starts it anew when a source changes. */
const told = untilTold();
const server = await serve({
  databaseUrl: process.env.DATABASE_URL,
  port: process.env.PORT,
  withPage: false,
});
await told;
await server.close();
process.exit();
