import * as z from "zod";
import { LIMITS } from "../../../engine/problem/limits";
import type { Flow } from "../../../engine/problem/schema";
import { id } from "../draft-texts";
import { FLOW_FIELDS } from "./flow-fields";

type Fields<Kind extends Flow["kind"]> = (typeof FLOW_FIELDS)[Kind][number];

interface Named<Kind extends Flow["kind"]> {
  readonly kind: z.ZodLiteral<Kind>;
  readonly id: typeof id;
  readonly label: z.ZodString;
}

/** The schema of a kind of line: what it is called, and its fields. */
export type LineSchema<Kind extends Flow["kind"]> = z.ZodObject<
  Named<Kind> & { [Field in Fields<Kind> as Field["key"]]: Field["schema"] },
  z.core.$strict
>;

export function lineSchema<Kind extends Flow["kind"]>(kind: Kind): LineSchema<Kind> {
  const fields = FLOW_FIELDS[kind].map(({ key, schema }) => [key, schema]);
  // The type checker cannot follow the names of the fields through a list.
  return z.strictObject({
    kind: z.literal(kind),
    id,
    label: z.string().max(LIMITS.labelLength),
    ...Object.fromEntries(fields),
  }) as unknown as LineSchema<Kind>;
}

/** What the fields of a kind of line came to. */
export type LineReading<Kind extends Flow["kind"]> = { readonly kind: Kind } & {
  readonly [Field in Fields<Kind> as Field["key"]]: ReturnType<Field["read"]>;
};
