import { healthReply } from "./health";
import { calculationRoutes } from "./routes/calculations";
import { notebookRoutes } from "./routes/notebook";
import { problemRoutes } from "./routes/problems";
import type { Route } from "./routes/route";

/** Every call of the interface. The server's tests hold this table and its routes equal. */
export const routes: readonly Route[] = [
  {
    method: "get",
    path: "/api/health",
    summary: "Whether the server and its database respond",
    replies: {
      200: { says: "Both respond.", schema: healthReply },
      503: { says: "The database is not responding.", schema: healthReply },
    },
  },
  {
    method: "get",
    path: "/api/ready",
    summary: "Whether this copy of the server is to be sent requests",
    replies: {
      200: { says: "It is.", schema: healthReply },
      503: { says: "It is about to end, or the database is not responding.", schema: healthReply },
    },
  },
  {
    method: "get",
    path: "/api/openapi.json",
    summary: "This document",
    replies: { 200: { says: "OpenAPI 3.1." } },
  },
  ...calculationRoutes,
  ...problemRoutes,
  ...notebookRoutes,
];
