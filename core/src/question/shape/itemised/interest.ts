import type { Rate } from "../../../engine/problem/schema";
import type { Quoting } from "../../facts/quoting";
import { percentsIn, quotingOf } from "../../facts/rates";
import { Scope } from "../../facts/scope";
import type { Mark } from "../../marks/mark";
import { rateOf, saidQuotation } from "../quotations";
import { usesOf, type Choices, type Shape, type Use } from "../shape";
import { momentSaid, whenIn } from "./moment";
import { saysUnknown } from "./unknown";

export interface Interest {
  readonly rates: readonly Rate[];
  readonly uses: readonly Use[];
  readonly assumptions: Shape["assumptions"];
}

/** "Interest: …", and "Interest after 4 years: …" where it changes; each may be unknown. */
export function interestOf(scope: Scope, choices: Choices): Interest | null {
  const lines = scope.sentences().filter(([first]) => first?.word === "interest");
  const read = lines.map((sentence, index) => rateLine(sentence, index, choices));
  const told = read.filter((one) => one !== null);
  if (told.length === 0 || told.length < read.length) return null;
  return {
    rates: told.flatMap(({ rates }) => rates),
    uses: told.flatMap(({ uses }) => uses),
    assumptions: told.flatMap(({ assumptions }) => assumptions).slice(0, 1),
  };
}

function rateLine(sentence: readonly Mark[], index: number, choices: Choices): Interest | null {
  const colon = sentence.findIndex(({ word }) => word === ":");
  if (colon === -1) return null;
  const when = whenIn(sentence.slice(0, colon));
  const from = when === undefined ? null : momentSaid(when);
  const since = from === null ? {} : { from };
  const starts = usesOf(when === undefined ? [] : [when], "time", { rate: index, field: "from" });
  const own = new Scope(sentence.slice(colon + 1));
  if (!saysUnknown(own, "rate")) {
    const [fact] = percentsIn(own);
    if (fact === undefined) return null;
    const { rate, uses, assumptions } = rateOf(fact, index, null, choices);
    return { rates: [{ ...rate, ...since }], uses: [...uses, ...starts], assumptions };
  }
  const told = own.marks.filter(({ phrase }) => phrase !== undefined);
  const quotation = saidQuotation(Object.assign({}, ...told.map(quotingOf)) as Quoting);
  if (quotation === null) return null;
  return {
    rates: [{ percent: null, ...quotation, ...since }],
    uses: [...usesOf(told, "asked", { rate: index, field: "quoted" }), ...starts],
    assumptions: [],
  };
}
