import type { PhraseRow } from "../phrase";

/** How often, and at which end of the period. */
export const FREQUENCY_PHRASES: readonly PhraseRow[] = [
  {
    kind: "every",
    as: "every",
    says: [
      "(every|each) [single|successive|subsequent] {period}",
      "(once|one time) (a|every|each|per) {unit}",
      "on a {adverb} basis",
      "{unit} by {unit}",
      "(at|on) each {unit} (payday|anniversary)",
    ],
  },
  { kind: "every", as: "per", says: ["per {period}", "/ {period}"] },
  { kind: "every", as: "per", says: ["(p a|annum)"] },
  { kind: "every", as: "adverb", says: ["{adverb}"] },
  { kind: "every", as: "twice-a-year", says: ["twice (a|every|each|per) (year|annum)"] },
  { kind: "every", as: "twice-a-month", says: ["twice (a|every|each|per) month"] },
  { kind: "every", as: "times-a-year", says: ["{n} times (a|every|each|per|in a) (year|annum)"] },
  {
    kind: "timing",
    as: "end-of-next",
    says: ["(at|on|by) [the] (end|close) of each of the (next|following|coming|first) {n} {unit}"],
  },
  {
    kind: "timing",
    as: "start-of-next",
    says: [
      "(at|on|by) [the] (beginning|start) of each of the (next|following|coming|first) {n} {unit}",
    ],
  },
  {
    kind: "timing",
    as: "end",
    says: [
      "[payable|paid|made|due] (at|on|by|from|to) [the] (end|close|last day) of (each|every) [successive|single] {period}",
      "[the] (end|close) of (each|every) {period}",
      "(each|payments|paid|payable|due|made|rents|instalments) [payable|paid|due|made] (at|on) the (end|close) of the {unit}",
      "(at|on|by) [the] {unit} end",
      "(at|on|by) (each|every) {unit} end",
      "(each|every) {unit} end",
      "{unit} end",
      "end of {unit}",
      "[payable] [{adverb}] in arrears",
      "[payable] [{adverb}] in arrear",
      "ordinary [general] annuity",
      "annuity immediate",
      "immediate annuity",
      "(at|on|by) the last day of (each|every|the) {unit}",
      "on the last of (each|every) {unit}",
      "(at|on) the ends of the {unit}",
      "after (each|every) {period}",
    ],
  },
  {
    kind: "timing",
    as: "start",
    says: [
      "[payable|paid|made|due] (at|on|by|from) [the] (beginning|start|first day|first|outset|opening) of (each|every) [successive|single] {period}",
      "[the] (beginning|start) of (each|every) {period}",
      "(each|payments|paid|payable|due|made|rents|instalments) [payable|paid|due|made] (at|on) the (beginning|start) of the {unit}",
      "(at|on|by) [the] {unit} (start|beginning)",
      "{unit} (start|beginning)",
      "(beginning|start) of {unit}",
      "[payable] [{adverb}] in advance",
      "[payable] [{adverb}] up front",
      "annuity due",
      "annuities due",
      "before (each|every) {unit}",
    ],
  },
];
