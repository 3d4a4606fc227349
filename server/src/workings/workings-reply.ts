import { workingsOptions, type WorkingsReply } from "@kestrelmoor/contract";
import { solve } from "@kestrelmoor/core";
import {
  furtherWorkings,
  lineLatex,
  linePlain,
  workings,
  type Step,
} from "@kestrelmoor/core/teaching";
import { readAboutProblem } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function workingsReply(body: unknown): WorkingsReply {
  const { problem, asked } = readAboutProblem(workingsOptions, body);
  const { level } = asked;
  const solution = solve(problem);
  if (!solution.ok) throw unsolvable(solution.issues);
  const own = workings(solution.value, { level });
  const further = furtherWorkings(solution.value, own, { level });
  return {
    steps: own.steps.map(replied),
    also: further.map((made) => (made === null ? null : { steps: made.steps.map(replied) })),
  };
}

function replied({ kind, say, lines, table, value }: Step): WorkingsReply["steps"][number] {
  const formulas = lines.filter(({ parts }) => parts.length > 0);
  return {
    kind,
    say,
    latex: formulas.map((line) => lineLatex(line)),
    plain: formulas.map((line) => linePlain(line)),
    ...(table === undefined ? {} : { table }),
    ...(value === undefined ? {} : { value }),
  };
}
