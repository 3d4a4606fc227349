import { list, single, stream } from "./problems";

/** One of everything that a problem file can have. */
export const everything = {
  format: "kestrelmoor-problem",
  version: 2,
  title: "All of it",
  question: "What is it worth?",
  currency: "USD",
  today: "2027-01-15",
  dayCount: "actual/actual",
  fraction: "compound",
  paymentRounding: "up",
  focal: "-P1M",
  rates: [
    { percent: 7.4, quoted: "nominal", compounding: "P1M" },
    { from: "P4Y", percent: { plus: 1, of: 0 }, quoted: "effective" },
    { from: { endOf: "rent" }, percent: 5, quoted: "continuous" },
  ],
  flows: [
    single("loan", "in", 86_000, "P0D"),
    single("residual", "out", { times: 0.3, of: "loan" }, { endOf: "rent" }),
    stream("rent", "out", 1200, {
      every: "P1M",
      count: 96,
      growth: { percent: 3, every: "P1Y" },
    }),
    stream("steps", "in", 50, { count: "forever", growth: { amount: 2, every: "P1Y" } }),
    list("project", [-5000, 1200, 0, { times: 2, of: "rent" }]),
    { id: "dated", kind: "dated", entries: [{ on: "2027-03-01", amount: -5000 }] },
  ],
  ask: { find: "value", at: "P0D" },
  also: [
    { find: "balance", at: "P5Y" },
    { find: "interest", from: "P2Y", to: { endOf: "rent" } },
    { find: "total", of: "rent" },
  ],
};
