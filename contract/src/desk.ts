import { DESK_PARTS, deskSchema } from "@kestrelmoor/core/typing";
import * as z from "zod";

export const deskPartName = z.enum(DESK_PARTS);

/** One part of the desk, by its name in the path. */
export const deskPartRequest = z.union(Object.values(deskSchema.shape)).meta({
  id: "DeskPart",
  description: "The texts of one question on the page of rates or of tables.",
});

export const deskReply = z.object({ parts: deskSchema.partial() }).meta({
  id: "Desk",
  description:
    "What is typed on the pages of rates and of tables. A part never changed is left out.",
});

export type DeskReply = z.infer<typeof deskReply>;
