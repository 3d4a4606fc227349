import { describe, expect, test } from "@jest/globals";
import firstVersion from "../../../reference/problems.json";
import secondVersion from "../../../reference/simple-and-dates.json";
import { expectToHold, fromLatex } from "../../../test/reckoner";
import { solved } from "../../../test/problems";
import { furtherWorkings } from "./further/further-workings";
import type { Line, Step } from "./step";
import { workings } from "./workings";
import { linePlain, lineLatex } from "./write-line";

/*
 * Workings of every reference case, short and long, in both notations, as somebody hands them in: each symbol stands
 * with its number or its formula before it is used, no value is worked out twice, and no line runs out of a page.
 */

const cases = [...firstVersion, ...secondVersion].flatMap(({ id, problem }) =>
  problem === undefined ? [] : [{ id, problem: { ...(problem as object), version: 2 } }],
);

const LETTER = /(?<![A-Za-z])(?:PMT|PV|FV|NPV|[A-Zδ]|[a-z])[a-z]?\d*(?![A-Za-z(])/g;
/** Annuity symbols, logarithms and e are no letters of the problem. */
const SIGNS = /[as]\(|ln\(|e\^/g;

/** The letters of a formula in plain text. */
function lettersIn(text: string): string[] {
  return text.replace(SIGNS, "(").match(LETTER) ?? [];
}

/** What is used before it is told. */
function undefinedIn(steps: readonly Step[], notation: "fractions" | "factors"): string[] {
  const known = new Set<string>();
  const missing: string[] = [];
  for (const { lines } of steps) {
    for (const line of lines) {
      const text = linePlain(line, { notation });
      if (text.includes("Σ") || text.includes("Π")) continue;
      const [left = "", ...rest] = text.split(" = ");
      const own = rest.length > 0 && lettersIn(left).join() === left ? left : null;
      for (const letter of lettersIn(own === null ? text : rest.join(" = "))) {
        if (!known.has(letter) && letter !== own) missing.push(`${letter} in ${text}`);
      }
      if (own !== null) known.add(own);
    }
  }
  return missing;
}

/** The results of lines that calculate something, each as it is written. */
function resultsOf(steps: readonly Step[]): string[] {
  return steps
    .filter(({ kind }) => kind !== "check")
    .flatMap(({ lines }) => lines.flatMap(resultOf));
}

function resultOf(line: Line): string[] {
  const parts = linePlain(line).split(" = ");
  const last = parts.at(-1) ?? "";
  const isCalculated = parts.slice(0, -1).some((part) => /[×/^]|\d [+-] /.test(part));
  return isCalculated && /\d\.\d{6}/.test(last) ? [last] : [];
}

/** A row without what sets it among the others. */
function bare(row: string): string {
  return row
    .replace(/\\(?:begin|end)\{aligned\}|\\quad/g, "")
    .replace("&", "")
    .trim();
}

describe.each(cases)("$id", ({ problem }) => {
  test.each(["short", "every-step"] as const)("%s", (level) => {
    const solution = solved(problem);
    const own = workings(solution, { level });
    const parts = [own, ...furtherWorkings(solution, own, { level }).flatMap((one) => one ?? [])];
    for (const notation of ["fractions", "factors"] as const) {
      expect(
        undefinedIn(
          parts.flatMap(({ steps }) => steps),
          notation,
        ),
      ).toEqual([]);
    }
    for (const line of parts.flatMap(({ steps }) => steps.flatMap(({ lines }) => lines))) {
      for (const notation of ["fractions", "factors"] as const) {
        for (const width of [undefined, 32]) {
          const latex = lineLatex(line, { notation, ...(width === undefined ? {} : { width }) });
          expectToHold(fromLatex(latex));
          if (latex.length > 110) expect(latex).toContain(String.raw`\\`);
          for (const row of latex.split(String.raw`\\[0.4em] `))
            expect(bare(row).length).toBeLessThan(111);
        }
      }
    }
    for (const { steps } of parts) {
      const results = resultsOf(steps);
      expect(results).toEqual([...new Set(results)]);
    }
  });
});
