import * as z from "zod";
import type { LoanChangeKind } from "../../../engine/schedule/changes/change";
import { id } from "../draft-texts";
import { textsSchema } from "../entries/entry-field";
import { CHANGE_KINDS, kindOfChange, type ChangeLine } from "./change-kinds";

/** A change as it is typed: texts for its figures, and what is chosen. */
export const changeLineSchema = z.discriminatedUnion(
  "kind",
  (Object.keys(CHANGE_KINDS) as LoanChangeKind[]).map(lineSchema) as [
    ReturnType<typeof lineSchema>,
  ],
) as unknown as z.ZodType<ChangeLine>;

function lineSchema(of: LoanChangeKind) {
  const { typed: figures, chosen } = kindOfChange(of);
  return z.strictObject({
    kind: z.literal(of),
    id,
    flow: id,
    ...textsSchema(figures),
    ...Object.fromEntries(
      Object.entries(chosen).map(([name, { options }]) => [name, z.enum(options)]),
    ),
  });
}
