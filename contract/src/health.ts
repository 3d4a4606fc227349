import * as z from "zod";

export const healthReply = z
  .object({ status: z.enum(["ok", "degraded", "ending"]), database: z.enum(["ok", "unavailable"]) })
  .meta({ id: "Health" });

export type HealthReply = z.infer<typeof healthReply>;
