import { describe } from "@jest/globals";
import firstVersion from "../../reference/problems.json";
import secondVersion from "../../reference/simple-and-dates.json";
import { testWhatTeaches } from "../../test/what-teaches";
import { PAYMENT_ROUNDINGS } from "../engine/flows/payment-rounding";
import { readProblem } from "../engine/problem/problem-file";
import type { Problem } from "../engine/problem/schema";
import { solve } from "../engine/solve/solve";

/*
 * What teaches, where the payment is found in whole cents: every reference case that asks for a level payment, the
 * payments of each rounded one way or the other.
 */

const cases = [...firstVersion, ...secondVersion].flatMap(
  ({ id, problem: file }): [string, Problem][] => {
    const read = file === undefined ? null : readProblem(file);
    if (read?.ok !== true) return [];
    const paymentRounding = PAYMENT_ROUNDINGS[id.length % 2] ?? "up";
    const pay = read.value.flows.find(({ kind }) => kind === "stream")?.id;
    if (pay === undefined) return [];
    const problem: Problem = {
      ...read.value,
      paymentRounding,
      also: [
        { find: "balance", at: "P7M" },
        { find: "balance", at: { endOf: pay } },
        { find: "interest", from: "P0D", to: "P1Y" },
        { find: "total", of: pay },
      ],
    };
    const solved = solve(problem);
    const isRounded = solved.ok && solved.value.facts.roundedPayment !== undefined;
    // At next to no interest, what a year brings is less than the digits of the balances can tell.
    return isRounded && !id.startsWith("tiny-rate") ? [[`${id}, ${paymentRounding}`, problem]] : [];
  },
);

describe.each(cases)("%s", (_, problem) => {
  testWhatTeaches(problem);
});
