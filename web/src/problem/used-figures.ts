import { frequencyOf, type FieldRef } from "@kestrelmoor/core";
import { readingsOf, type DraftReading, type UsedFigures } from "@kestrelmoor/core/typing";

/** The figures that the lines of all parts hold, for finding them again in the question. */
export function usedFigures(parts: readonly DraftReading[]): UsedFigures {
  const all = parts.map(figuresIn);
  return {
    amounts: all.flatMap(({ amounts }) => amounts),
    percents: all.flatMap(({ percents }) => percents),
    years: all.flatMap(({ years }) => years),
  };
}

function figuresIn(reading: DraftReading): UsedFigures {
  const readings = readingsOf(reading);
  const numbersOf = (wanted: string) =>
    readings.flatMap(({ unit, numbers }) => (unit === wanted ? numbers : []));
  const lengths = readings.flatMap(({ unit, numbers, ref }) => {
    const every = unit === "payments" ? frequencyAt(reading, ref) : null;
    return every === null ? [] : numbers.map((count) => count / every);
  });
  return {
    amounts: numbersOf("money").map(Math.abs),
    percents: numbersOf("percent"),
    years: [...numbersOf("years"), ...lengths, ...timesAsked(reading)],
  };
}

/** "How much is owed after 2 years?": the times that follow-up questions ask about. */
function timesAsked({ also }: DraftReading): number[] {
  return also.flatMap(({ field }) => {
    if (field?.state !== "value") return [];
    const said = field.value;
    const times = "from" in said ? [said.from, said.to] : [said];
    return times.flatMap((time) => ("years" in time && time.years > 0 ? [time.years] : []));
  });
}

/** Payments a year on the line of a field; `null` while that is not known. */
function frequencyAt({ flows }: DraftReading, ref: FieldRef): number | null {
  const flow = ref.on === "flow" ? flows[ref.line] : undefined;
  return flow?.kind === "stream" && flow.every.state === "value"
    ? frequencyOf(flow.every.value)
    : null;
}
