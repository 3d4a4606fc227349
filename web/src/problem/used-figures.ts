import { frequencyOf } from "@kestrelmoor/core";
import {
  type DraftReading,
  type FieldReading,
  type FlowReading,
  type SaidAmount,
  type SaidTime,
  type UsedFigures,
} from "@kestrelmoor/core/typing";

/** The figures that a draft's lines hold, for finding them again in the question. */
export function usedFigures({ flows, rates, ask }: DraftReading): UsedFigures {
  const typedRates = rates.filter((rate) => rate.kind === "rate");
  const times = [...typedRates.map(({ from }) => from), ask];
  const figures = flows.map(figuresOf);
  const percents = typedRates.flatMap(({ percent }) => valuesOf(percent));
  return {
    amounts: figures.flatMap(({ amounts }) => amounts),
    percents: [
      ...percents.flatMap((typed) => ("percent" in typed ? [typed.percent] : [])),
      ...figures.flatMap((own) => own.percents),
    ],
    years: [...times.flatMap(yearsOf), ...figures.flatMap(({ years }) => years)],
  };
}

function figuresOf(flow: FlowReading): UsedFigures {
  const none = { amounts: [], percents: [], years: [] };
  switch (flow.kind) {
    case "single":
      return { ...none, amounts: amountsOf(flow.amount), years: yearsOf(flow.at) };
    case "stream": {
      const { amount, begins, count, every, growth } = flow;
      const grows = growth === null ? [] : valuesOf(growth.figure);
      const isPercent = growth?.by === "percent";
      const [payments] = valuesOf(count);
      const [period] = valuesOf(every);
      return {
        amounts: [...amountsOf(amount), ...(isPercent ? [] : grows)],
        percents: isPercent ? grows : [],
        years: [
          ...yearsOf(begins),
          ...(typeof payments === "number" && period !== undefined
            ? [payments / frequencyOf(period)]
            : []),
        ],
      };
    }
    case "list":
      return {
        ...none,
        amounts: valuesOf(flow.amounts)
          .flat()
          .flatMap((amount) => (typeof amount === "number" ? [Math.abs(amount)] : [])),
        years: yearsOf(flow.begins),
      };
    default:
      return none;
  }
}

function amountsOf(reading: FieldReading<SaidAmount>): number[] {
  return valuesOf(reading).filter((amount) => typeof amount === "number");
}

function yearsOf(reading: FieldReading<SaidTime> | null): number[] {
  if (reading === null) return [];
  return valuesOf(reading).flatMap((time) => ("years" in time ? [time.years] : []));
}

function valuesOf<Value>(reading: FieldReading<Value>): Value[] {
  return reading.state === "value" ? [reading.value] : [];
}
