import * as z from "zod";

/** The longest text that one field keeps. */
export const LONGEST_FIELD = 200;

/** The longest text of a field that holds many amounts, or of a list of payments. */
export const LONGEST_LIST_FIELD = 100_000;

export const typed = z.string().max(LONGEST_FIELD);
export const typedList = z.string().max(LONGEST_LIST_FIELD);

/** What a line is known by, as in the problem file. */
export const id = z.string().regex(/^[A-Za-z][A-Za-z0-9_-]{0,63}$/);
