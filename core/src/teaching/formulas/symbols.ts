import type { Expression, Quantity } from "../workings/mathematics/expression";
import { of } from "../workings/mathematics/expression";

/** The letters of a formula sheet, which stand for no numbers. */
function letter(base: string, mark = ""): Expression {
  const quantity: Quantity = {
    id: `card-${base}${mark}`,
    kind: "factor",
    letter: { base, mark, number: null },
    value: NaN,
    expression: null,
    field: null,
    isUnknown: false,
    isOpen: true,
  };
  return of(quantity);
}

export const SYMBOLS = {
  PV: letter("PV"),
  FV: letter("FV"),
  PMT: letter("PMT"),
  n: letter("n"),
  i: letter("i"),
  g: letter("g"),
  G: letter("G"),
  t: letter("t"),
  r: letter("r"),
  d: letter("d"),
  force: letter(String.raw`\delta`),
  m: letter("m"),
  p: letter("p"),
  periodic: letter("i", "p"),
} as const;
