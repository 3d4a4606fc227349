import type { Facts } from "../facts/facts";
import { bond } from "./bond";
import { withDaysOfYear } from "./days-of-year";
import { givens } from "./givens";
import { itemised } from "./itemised/itemised";
import { lump } from "./lump";
import { interestOf } from "./rates";
import { lacking, type Choices, type Shape } from "./shape";
import { listed } from "./tables";
import { uneven } from "./uneven";
import { withStreams } from "./with-streams";

/** The problem that the facts make. */
export function shapeOf(facts: Facts, choices: Choices): Shape {
  return withDaysOfYear(facts.scope, plainShape(facts, choices));
}

function plainShape(facts: Facts, choices: Choices): Shape {
  const list = itemised(facts, choices) ?? givens(facts, choices);
  if (list !== null) return list;
  if (facts.ask === null) return lacking(["question"]);
  const special = bond(facts, choices) ?? listed(facts, choices) ?? uneven(facts, choices);
  if (special !== null) return special;
  const isBuyingPower =
    facts.ask.kind === "present" &&
    interestOf(facts).every(({ use }) => use === "inflation") &&
    facts.percents.length > 0;
  if (isBuyingPower && facts.amounts.length > 0) return lump(facts, choices);
  return facts.streams.length > 0 ? withStreams(facts, choices) : lump(facts, choices);
}
