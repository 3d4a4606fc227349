import { namesOf, type Names } from "../input/names";
import { readAmount } from "../input/read-amount";
import { readCount } from "../input/read-count";
import { readPosition } from "../input/read-position";
import { isUnknownMark } from "../input/unknown-mark";
import type { Draft, FlowLine } from "./draft";
import { namedFlow } from "./lines/line-kinds";
import type { Shape } from "./shapes";
import { fieldsOf, type DraftField } from "./fields/draft-fields";

/**
 * Turns a problem into another shape. What was typed goes to the lines of the same kind, in their order,
 * where the shape has nothing to say itself; title and question stay. The shape says what is unknown.
 * Changes the draft in place.
 *
 * @returns the names of lines for which the shape has no place; they are taken off
 */
export function reshape(draft: Draft, shape: Shape): string[] {
  const next = shape.start();
  const names = namesOf(draft.flows.map(namedFlow));
  const given = fieldsOf(draft);
  const left = new Set<FlowLine>(draft.flows);
  for (const line of next.flows) {
    const source = [...left].find(({ kind }) => kind === line.kind);
    if (source === undefined) continue;
    left.delete(source);
    takeOver(
      next,
      line.id,
      given.filter((fact) => fact.line === source.id),
      names,
    );
  }
  next.rates.forEach((rate, index) => {
    const source = draft.rates[index];
    if (source === undefined) return;
    takeOver(
      next,
      rate.id,
      given.filter((fact) => fact.line === source.id),
      names,
    );
    // The choice is taken over as it was made.
    if (rate.kind === "rate" && source.kind === "rate") rate.compoundedBy = source.compoundedBy;
  });
  const { rates, flows, ask } = next;
  Object.assign(draft, { rates, flows, ask, variants: [], typedBefore: [] });
  return [...left].filter(hasFigures).map((line) => namedFlow(line).label ?? namedFlow(line).id);
}

/** Facts that make a shape what it is: where it says them, it says them itself. */
const OF_THE_SHAPE: ReadonlySet<DraftField["name"]> = new Set([
  "direction",
  "timing",
  "begins",
  "from",
  "at",
  "count",
]);

function takeOver(shape: Draft, line: string, facts: readonly DraftField[], names: Names): void {
  for (const own of fieldsOf(shape).filter((fact) => fact.line === line)) {
    if (isUnknownMark(own.text) || (OF_THE_SHAPE.has(own.name) && own.text !== "")) continue;
    const text = facts.find(({ name }) => name === own.name)?.text ?? "";
    if (text !== "" && !isUnknownMark(text) && standsAlone(own.name, text, names)) own.write(text);
  }
}

/** Whether a text still says the same where the lines have other names, or none of them ends. */
function standsAlone(fact: DraftField["name"], text: string, names: Names): boolean {
  if (fact === "amount") return !readAmount(text, names).ok || readAmount(text, NO_NAMES).ok;
  if (fact === "at") return !readPosition(text, names).ok || readPosition(text, NO_NAMES).ok;
  if (fact !== "count") return true;
  const count = readCount(text, "P1M");
  return !count.ok || count.value !== "forever";
}

const NO_NAMES = namesOf([]);

function hasFigures(line: FlowLine): boolean {
  switch (line.kind) {
    case "kept":
      return true;
    case "single":
    case "stream":
      return line.amount !== "";
    case "list":
      return line.amounts !== "";
    case "dated":
      return line.entries !== "";
  }
}
