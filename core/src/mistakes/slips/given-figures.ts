import type { Path } from "../../issues/issue";
import type { Problem } from "../../problem/schema";
import { withFigure } from "../../vary/figure-at";
import { writeFigure, writePercent, type AnswerFormat } from "../../wording/answer-format";
import { MISCOPIED_WORDS } from "../../wording/teaching/mistake-words";
import type { Slip } from "../mistake";
import { RATE_DECIMALS } from "../words";

/** A given number, which a student copies. */
interface Given {
  readonly path: Path;
  readonly value: number;
  /** This value, or one in its place, as the question writes it. */
  readonly words: (value: number, format: AnswerFormat) => string;
}

function plainWords(value: number, format: AnswerFormat): string {
  return writeFigure(value, format, RATE_DECIMALS);
}

function percentWords(percent: number, format: AnswerFormat): string {
  return writePercent(percent, format, RATE_DECIMALS);
}

/** Nobody copies a longer list by hand. */
const LONGEST_LIST = 16;

export function givenFigures({ flows, rates }: Problem): Given[] {
  return [
    ...flows.flatMap((flow, index): Given[] => {
      if (flow.kind === "list") {
        return flow.amounts.length > LONGEST_LIST
          ? []
          : flow.amounts.flatMap((value, place) =>
              typeof value === "number" && value !== 0
                ? [
                    {
                      path: ["flows", index, "amounts", place],
                      value,
                      words: plainWords,
                    },
                  ]
                : [],
            );
      }
      if (!("amount" in flow) || typeof flow.amount !== "number") return [];
      const value = flow.amount;
      return [{ path: ["flows", index, "amount"], value, words: plainWords }];
    }),
    ...rates.flatMap(({ percent }, index): Given[] =>
      typeof percent === "number"
        ? [
            {
              path: ["rates", index, "percent"],
              value: percent,
              words: percentWords,
            },
          ]
        : [],
    ),
  ];
}

/** Copying mistakes in any given number. */
export function miscopied(
  problem: Problem,
  changed: (value: number) => readonly number[],
  isFor: (given: Given) => boolean = () => true,
): Slip[] {
  return givenFigures(problem)
    .filter(isFor)
    .flatMap(({ path, value, words }) =>
      changed(value).map((instead): Slip => ({
        done: (format) => MISCOPIED_WORDS.done(words(instead, format), words(value, format)),
        corrected: (format) => MISCOPIED_WORDS.corrected(words(value, format)),
        problem: withFigure(problem, path, instead),
        isRare: true,
      })),
    );
}
