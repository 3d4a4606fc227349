import type { DraftReading, FieldReading, UsedFigures } from "@kestrelmoor/core";

/** The figures that a draft's lines hold, for finding them again in the question. */
export function usedFigures({ flows, rates, ask }: DraftReading): UsedFigures {
  const singles = flows.filter((flow) => flow.kind === "single");
  const typedRates = rates.filter((rate) => rate.kind === "rate");
  const times = [...singles.map(({ at }) => at), ...typedRates.map(({ from }) => from), ask];
  return {
    amounts: singles.flatMap(({ amount }) => valuesOf(amount)),
    percents: typedRates.flatMap(({ percent }) => valuesOf(percent).map((typed) => typed.percent)),
    years: times.flatMap((time) => (time === null ? [] : valuesOf(time).map(({ years }) => years))),
  };
}

function valuesOf<Value>(reading: FieldReading<Value>): Value[] {
  return reading.state === "value" ? [reading.value] : [];
}
