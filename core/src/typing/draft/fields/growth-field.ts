import * as z from "zod";
import { evaluateArithmetic } from "../../input/arithmetic";
import type { Names } from "../../input/names";
import { readPercent } from "../../input/read-rate";
import { issue } from "../../../engine/issues/issue";
import type { FlowOf } from "../../../engine/problem/schema";
import { fail, type Result } from "../../../engine/result";
import { formatExact } from "../../../wording/format-number";
import { frequencyWords } from "../../../wording/quotation-words";
import { typed } from "../draft-texts";
import {
  issuesOf,
  readField,
  readFrequencyField,
  takingUp,
  valueOf,
  type FieldReading,
} from "../field";
import type { FieldWords, LineField } from "./line-field";

/** By how much payments grow, and how often; as it is typed. */
interface TypedGrowth {
  by: "percent" | "amount";
  figure: string;
  every: string;
}

export interface GrowthReading {
  readonly by: "percent" | "amount";
  readonly figure: FieldReading<number>;
  readonly every: FieldReading<string>;
}

/** The growth of payments, by a percentage or an amount; `null` for level payments. */
export function growth(words: {
  readonly growth: FieldWords;
  readonly "growth-every": FieldWords;
}): LineField<
  "growth",
  TypedGrowth | null,
  GrowthReading | null,
  Pick<FlowOf<"stream">, "growth">
> {
  return {
    key: "growth",
    schema: z.union([
      z.strictObject({ by: z.enum(["percent", "amount"]), figure: typed, every: typed }),
      z.null(),
    ]),
    read: (typed, { names }) => readGrowth(typed, names),
    issues: (reading) =>
      reading === null
        ? []
        : [
            ...issuesOf(reading.figure, ["growth", reading.by]),
            ...issuesOf(reading.every, ["growth", "every"]),
          ],
    file: (reading) => (reading === null ? {} : { growth: filedGrowth(reading) }),
    write: ({ growth: filed }) => (filed === undefined ? null : writeGrowth(filed)),
    readings: (reading) => {
      if (reading === null) return [];
      const { by, figure, every } = reading;
      const number = valueOf(figure);
      return [
        {
          field: "growth",
          reading: figure,
          unit: by === "percent" ? "percent" : "money",
          numbers: number === null ? [] : [number],
        },
        { field: "growth-every", reading: every, unit: null, numbers: [] },
      ];
    },
    texts: (growth) => {
      if (growth === null) return [];
      const setFigure = (text: string) => void (growth.figure = text);
      return [
        {
          field: "growth",
          words: words.growth,
          text: growth.figure,
          write: setFigure,
          unknown: { path: ["growth", growth.by], text: growth.figure, write: setFigure },
        },
        {
          field: "growth-every",
          words: words["growth-every"],
          text: growth.every,
          write: (text) => void (growth.every = text),
          unknown: null,
        },
      ];
    },
  };
}

function readGrowth(growth: TypedGrowth | null, names: Names): GrowthReading | null {
  if (growth === null) return null;
  // A percent sign that is typed says more than the line's own choice.
  const by = /%|per ?cent/i.test(growth.figure) ? "percent" : growth.by;
  return {
    by,
    figure: readField(
      growth.figure,
      by === "percent"
        ? takingUp(names, "percent", readPercent)
        : takingUp(names, "money", readStep),
    ),
    every: readFrequencyField(growth.every),
  };
}

/** A step may be below zero: payments that fall. */
function readStep(text: string): Result<number> {
  const plain = text.trim().replace(/\p{Sc}/gu, "");
  return plain === "" ? fail(issue("money-missing", [], {})) : evaluateArithmetic(plain);
}

type FiledGrowth = NonNullable<FlowOf<"stream">["growth"]>;

function filedGrowth({ by, figure, every }: GrowthReading): FiledGrowth {
  const period = valueOf(every) ?? "";
  return by === "percent"
    ? { percent: valueOf(figure), every: period }
    : { amount: valueOf(figure), every: period };
}

function writeGrowth(growth: FiledGrowth): TypedGrowth {
  const every = frequencyWords(growth.every).noun;
  if ("percent" in growth) {
    const { percent } = growth;
    return { by: "percent", figure: percent === null ? "?" : `${formatExact(percent)}%`, every };
  }
  const { amount } = growth;
  return { by: "amount", figure: amount === null ? "?" : formatExact(amount), every };
}
