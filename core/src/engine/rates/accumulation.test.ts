import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { growthFactor, logAccumulation, logGrowth } from "./accumulation";

const spells = fc
  .array(
    fc.tuple(
      fc.double({ min: 0.1, max: 9, noNaN: true }),
      fc.double({ min: -0.5, max: 0.5, noNaN: true }),
    ),
    {
      minLength: 1,
      maxLength: 5,
    },
  )
  .map((parts) => {
    let start = 0;
    return {
      starts: parts.map(([length]) => {
        const own = start;
        start += length;
        return own;
      }),
      forces: parts.map(([, force]) => force),
    };
  });
const time = fc.double({ min: 0, max: 60, noNaN: true });

/** The slow and obvious form: walk in small steps and multiply. */
function walk(growth: { starts: number[]; forces: number[] }, to: number): number {
  const steps = 20_000;
  let logarithm = 0;
  for (let step = 0; step < steps; step += 1) {
    const middle = ((step + 0.5) * to) / steps;
    const spell = growth.starts.findLastIndex((start) => start <= middle);
    logarithm += (growth.forces[spell] ?? 0) * (to / steps);
  }
  return logarithm;
}

test("growth across spells is what a walk in small steps comes to", () => {
  fc.assert(
    fc.property(spells, time, (growth, to) => {
      expect(logAccumulation(growth, to)).toBeCloseTo(walk(growth, to), 1);
    }),
    { numRuns: 40 },
  );
});

test("going there and back, or over a stop, changes nothing", () => {
  fc.assert(
    fc.property(spells, time, time, time, (growth, one, two, three) => {
      expect(logGrowth(growth, one, two)).toBeCloseTo(-logGrowth(growth, two, one), 12);
      expect(logGrowth(growth, one, three)).toBeCloseTo(
        logGrowth(growth, one, two) + logGrowth(growth, two, three),
        10,
      );
      expect(growthFactor(growth, one, one)).toBe(1);
    }),
  );
});
