import { expect, test } from "@jest/globals";
import { rateOfPayments } from "./rate-of-payments";

test.each<[string | null, string, number | null, string]>([
  [
    "P6M",
    "P1M",
    2,
    "Compounded half-yearly, paid monthly: the rate per month is the sixth root of 1 + j/2, less 1.",
  ],
  [
    "P1M",
    "P3M",
    12,
    "Compounded monthly, paid quarterly: the rate per quarter is (1 + j/12)^3 − 1.",
  ],
  [
    "P1M",
    "P1W",
    12,
    "Compounded monthly, paid weekly: the rate per week is (1 + j/12)^(12/52) − 1.",
  ],
  [null, "P1M", null, "Compounded continuously, paid monthly: the rate per month is e^(δ/12) − 1."],
  [null, "P1M", 1, "The rate per month is the twelfth root of 1 + i, less 1."],
])("%s compounding, payments every %s", (compounded, paid, perYear, wanted) => {
  expect(rateOfPayments(compounded, paid, perYear)).toBe(wanted);
});
