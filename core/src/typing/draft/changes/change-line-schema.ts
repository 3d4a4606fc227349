import * as z from "zod";
import type { LoanChangeKind } from "../../../engine/schedule/changes/change";
import { id, typed } from "../draft-texts";
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
    ...mapped(figures, () => typed),
    ...mapped(chosen, ({ options }) => z.enum(options)),
  });
}

function mapped<Part, Made>(parts: Readonly<Record<string, Part>>, make: (part: Part) => Made) {
  return Object.fromEntries(Object.entries(parts).map(([name, part]) => [name, make(part)]));
}
