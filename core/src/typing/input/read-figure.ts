import type { FigureUnit } from "../../engine/fields/figure-unit";
import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { evaluateArithmetic } from "./arithmetic";
import { readCount } from "./read-count";
import { readPoints } from "./read-rate";
import { TEXTBOOK_TIMES } from "./names";
import { readMoment } from "./read-moment";

/**
 * Reads a figure by itself, for an end of a range: `12k`, `6 3/8%`, `40 payments`, `3y 4m`. Money may be
 * below zero here, as it is in a list.
 *
 * @param said by what a time is read
 * @returns fails as the reader of its unit does
 */
export function readFigure(typed: string, unit: FigureUnit, said = TEXTBOOK_TIMES): Result<number> {
  switch (unit) {
    case "money":
      return readSigned(typed);
    case "percent":
      return readPoints(typed);
    case "payments": {
      const read = readCount(typed, "P1Y");
      if (!read.ok) return read;
      // Payments for ever are no end of a range.
      return read.value === "forever"
        ? fail(issue("count-not-understood", [], { at: typed.trim() }))
        : succeed(read.value);
    }
    case "years": {
      const read = readMoment(typed, said);
      return read.ok ? succeed(read.value.years) : read;
    }
  }
}

function readSigned(typed: string): Result<number> {
  const plain = typed.trim().replace(/\p{Sc}/gu, "");
  return plain === "" ? fail(issue("money-missing", [], {})) : evaluateArithmetic(plain);
}
