// Past the name that mutation testing maps to this file.
import fc from "../../node_modules/fast-check/lib/cjs/fast-check.js";

/**
 * Stands in for fast-check in mutation testing only, where every change of the code costs a run of the
 * tests: some dozens of cases of a property tell a broken formula as well as a thousand do.
 */
const MOST_RUNS = 40;

export default {
  ...fc,
  assert: (property, parameters = {}) =>
    fc.assert(property, {
      ...parameters,
      numRuns: Math.min(parameters.numRuns ?? MOST_RUNS, MOST_RUNS),
      endOnFailure: true,
    }),
};
