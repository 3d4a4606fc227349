import type { Path } from "../../issues/issue";
import type { Problem } from "../../problem/schema";
import { withFigure } from "../../vary/figure-at";
import { formatFigure } from "../../wording/format-number";
import type { Slip } from "../mistake";

/** A number that is given, which somebody copied. */
interface Given {
  readonly path: Path;
  readonly value: number;
  readonly words: () => string;
}

/** Longer lists are not copied by hand. */
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
                      words: () => formatFigure(value),
                    },
                  ]
                : [],
            );
      }
      if (!("amount" in flow) || typeof flow.amount !== "number") return [];
      const value = flow.amount;
      return [{ path: ["flows", index, "amount"], value, words: () => formatFigure(value) }];
    }),
    ...rates.flatMap(({ percent }, index): Given[] =>
      typeof percent === "number"
        ? [
            {
              path: ["rates", index, "percent"],
              value: percent,
              words: () => `${formatFigure(percent, 6)} %`,
            },
          ]
        : [],
    ),
  ];
}

/** Slips of the pen in any number that is given. */
export function miscopied(
  problem: Problem,
  changed: (value: number) => readonly number[],
  isFor: (given: Given) => boolean = () => true,
): Slip[] {
  return givenFigures(problem)
    .filter(isFor)
    .flatMap(({ path, value, words }) =>
      changed(value).map((instead): Slip => ({
        done: () => `${formatFigure(instead, 8)} was put in for ${words()}`,
        corrected: () => `The question gives ${words()}.`,
        problem: withFigure(problem, path, instead),
        isRare: true,
      })),
    );
}
