import { expect, test } from "@jest/globals";
import type { Problem } from "../src/engine/problem/schema";
import { solve } from "../src/engine/solve/solve";
import { workbook } from "../src/teaching/hand-in/workbook/workbook";
import { markAnswer } from "../src/teaching/mistakes/mark";
import { runAccount } from "../src/teaching/proof/account-rows";
import { otherWays } from "../src/teaching/proof/other-ways";
import { furtherWorkings } from "../src/teaching/workings/further/further-workings";
import { workings } from "../src/teaching/workings/workings";
import { lineLatex, linePlain } from "../src/teaching/workings/write-line";
import { readClaim } from "../src/typing/input/read-claim";
import { placeOf, recalculate } from "./recalculate";
import { expectToHold, fromLatex } from "./reckoner";

/**
 * The tests that what teaches about a problem agrees with the engine: its workings and those of its further questions,
 * the workbook, the proof and the marking. Call it in a `describe`.
 */
export function testWhatTeaches(problem: Problem): void {
  const found = solve(problem);
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  const solution = found.value;
  const own = workings(solution);
  const answer = solution.answers[0].value;

  test("its workings end at the answer, and every line holds", () => {
    const values = own.steps
      .filter(({ kind }) => kind === "value")
      .flatMap(({ value }) => value ?? []);
    const nearest = Math.min(
      ...values.map((value) => Math.abs(Math.abs(value) - Math.abs(answer))),
    );
    expect(nearest).toBeLessThanOrEqual(1e-9 * Math.max(Math.abs(answer), 0.1));
    const further = furtherWorkings(solution, own).flatMap((part) => part?.steps ?? []);
    for (const { lines, say } of [...own.steps, ...further]) {
      expect(say).toMatch(/^[A-Z“\d].*[.]$/);
      expect(say).not.toMatch(/NaN|undefined|−\d+ (?:months|days) from/);
      for (const line of lines) {
        for (const notation of ["fractions", "factors"] as const) {
          expectToHold(linePlain(line, { notation }));
        }
        expectToHold(fromLatex(lineLatex(line)));
      }
    }
  });

  test("further questions end where the engine does", () => {
    furtherWorkings(solution, own).forEach((part, index) => {
      const wanted = solution.also[index] ?? null;
      expect(part === null).toBe(wanted === null);
      if (part === null || wanted === null) return;
      const size = Math.max(1, solution.facts.totalIn ?? 0);
      expect(Math.abs(part.result.value - wanted)).toBeLessThan(1e-9 * size);
    });
  });

  test("its workbook comes to the same", () => {
    const book = workbook(solution, { title: "Any", lines: [] });
    const at = (sheet: string, cell: string) => {
      const { column, row } = placeOf(cell);
      const held = book.sheets.find(({ name }) => name === sheet)?.rows[row - 1]?.[column - 1];
      if (held?.kind === "input") return held.value;
      return held?.kind === "formula" ? { formula: held.formula } : null;
    };
    const cell = Math.abs(recalculate({ at }, book.answer.sheet, book.answer.cell));
    expect(Math.abs(cell / Math.abs(answer) - 1)).toBeLessThan(1e-8);
  });

  test("what proves it proves it", () => {
    const life = runAccount(solution);
    expect(life === null).toBe(solution.settled.accrual !== undefined);
    if (life !== null) expect(Math.abs(life.left)).toBeLessThan(1e-9 * life.largest);
    for (const { name, apart } of otherWays(solution)) {
      expect([name, apart < 1e-9]).toEqual([name, true]);
    }
  });

  test("the answer is marked right, and a number from nowhere is marked without a fault", () => {
    const typed = solution.answers[0].unit === "money" ? answer.toFixed(2) : answer.toFixed(4);
    const claim = readClaim(typed.replace("-", "−"));
    if (!claim.ok) throw new Error(JSON.stringify(claim.issues));
    expect(markAnswer(problem, claim.value)).toMatchObject({ value: { verdict: "right" } });
    const wrong = readClaim("123.4567");
    if (wrong.ok) expect(markAnswer(problem, wrong.value).ok).toBe(true);
  });
}
