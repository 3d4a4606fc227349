import type * as z from "zod";

export interface Reply {
  readonly says: string;
  readonly schema?: z.ZodType;
}

/** One call of the interface. The server's tests hold this table and its routes equal. */
export interface Route {
  readonly method: "get" | "post" | "put" | "delete";
  /** With parameters in braces, as OpenAPI writes them. */
  readonly path: string;
  readonly summary: string;
  readonly query?: z.ZodObject;
  readonly body?: z.ZodType;
  /** The call needs the version that it is based on, in `If-Match`. */
  readonly needsVersion?: true;
  readonly replies: Readonly<Record<number, Reply>>;
}
