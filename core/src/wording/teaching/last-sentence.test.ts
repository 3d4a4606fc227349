import { describe, expect, test } from "@jest/globals";
import { effective, single, solved, stream } from "../../../test/problems";
import { USUAL_FORMAT } from "../answer-format";
import { lastSentence } from "./last-sentence";

const yearly = { rates: [effective(5)] };
const named = (flow: object, label: string) => ({ ...flow, label });

describe("the last sentence speaks in the nouns of the lines", () => {
  test.each<[string, object, string]>([
    [
      "an amount today",
      {
        ...yearly,
        flows: [named(single("p", "out", null, "P0D"), "Price"), single("x", "in", 1050, "P1Y")],
      },
      "The price is 1,000.00.",
    ],
    [
      "an amount later, by a name of two words",
      {
        ...yearly,
        flows: [
          single("p", "out", 1000, "P0D"),
          named(single("x", "in", null, "P1Y"), "Maturity value"),
        ],
      },
      "The maturity value is 1,050.00 after 1 year.",
    ],
    [
      "payments, each of them",
      {
        ...yearly,
        flows: [
          named(stream("d", "out", null, { count: 2 }), "Deposits"),
          single("x", "in", 2050, "P2Y"),
        ],
      },
      "The deposit is 1,000.00 at the end of each year.",
    ],
    [
      "savings are no saving",
      {
        ...yearly,
        flows: [single("p", "out", 1000, "P0D"), named(single("x", "in", null, "P1Y"), "Savings")],
      },
      "The savings are 1,050.00 after 1 year.",
    ],
    [
      "somebody's name keeps its capital",
      {
        ...yearly,
        flows: [
          named(single("p", "in", null, "P0D"), "Heatherfold loan"),
          single("x", "out", 1050, "P1Y"),
        ],
      },
      "The Heatherfold loan is 1,000.00.",
    ],
    [
      "what is no noun of the trade is quoted",
      {
        ...yearly,
        flows: [named(single("p", "out", null, "P0D"), "Hives"), single("x", "in", 1050, "P1Y")],
      },
      "“Hives” is 1,000.00.",
    ],
    [
      "a line without a name has the sentence of the page",
      {
        ...yearly,
        flows: [single("p", "out", null, "P0D"), single("x", "in", 1050, "P1Y")],
      },
      "Today, you invest 1,000.00.",
    ],
    [
      "an amount that goes the other way too",
      {
        ...yearly,
        flows: [named(single("p", "in", null, "P0D"), "Price"), single("x", "in", 1050, "P1Y")],
      },
      "Today, you invest 1,000.00.",
    ],
  ])("%s", (_, file, wanted) => {
    expect(lastSentence(solved(file), USUAL_FORMAT)).toBe(wanted);
  });

  test("several rates are all told", () => {
    const file = {
      rates: [effective(null)],
      flows: [
        single("a", "out", 1000, "P0D"),
        single("b", "in", 2300, "P1Y"),
        single("c", "out", 1320, "P2Y"),
      ],
    };
    expect(lastSentence(solved(file))).toBe("The rate is 10% or 20% a year, effective.");
  });
});
