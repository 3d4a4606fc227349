import { frequencyWords } from "../../wording/quotation-words";
import type { UnusedCode } from "../check/why-unused";
import type { Missing } from "../read-question";
import type { Assumption, AssumptionCode } from "../shape/shape";

const MISSING: Readonly<Record<Missing, string>> = {
  rate: "The question gives no interest rate.",
  time: "The question does not say how long.",
  payment: "The question does not say how large the payments are.",
  amount: "The question does not give an amount.",
  frequency: "The question does not say how often payments are made.",
  compounding: "The question does not say how often interest is compounded.",
  question: "The text asks no question.",
  "down-payment": "The question does not say how much is paid down.",
  growth: "The question does not say by how much the payments change.",
  difference: "The question asks for a difference. Solve for each amount separately.",
  "left-over": "Not every figure fits the lines. Check them against the question.",
  "other-answer":
    "The lines do not answer what the question asks. Check them against the question.",
  "no-answer": "The lines have no answer as they are. Check them against the question.",
  language: "This does not look like English. Only questions in English are read.",
  "several-questions": "This is more than one question. Choose one, or paste one at a time.",
};

/** What a reading lacks, in a sentence. */
export function missingSentence(code: Missing): string {
  return MISSING[code];
}

const UNUSED: Readonly<Record<UnusedCode, string>> = {
  year: "a year in the story",
  age: "an age in the story",
  marks: "the marks for the answer",
  label: "a label in the text",
  address: "part of an address",
  things: "counts something else",
  measure: "a measurement",
  amount: "an amount the question does not need",
  percent: "a percentage the question does not need",
  time: "a time the question does not need",
  said: "what somebody says, not a fact",
  number: "not part of the calculation",
};

/** Why a figure is not used: "a year in the story". */
export function unusedWords(code: UnusedCode): string {
  return UNUSED[code];
}

/** How an open point is taken: "compounded monthly", "effective", "at the end of each period". */
export function readingWords(code: AssumptionCode, reading: string): string {
  if (code === "timing") return `at the ${reading} of each period`;
  const [quoted, compounding = "P1Y"] = reading.split(" ");
  const { adverb, noun } = frequencyWords(compounding);
  switch (quoted) {
    case "nominal":
      return `compounded ${adverb}`;
    case "periodic":
      return `a rate per ${noun}`;
    case "simple":
      return "simple interest";
    default:
      return "an effective annual rate";
  }
}

/** "The rate is taken as compounded monthly." */
export function assumptionSentence({ code, taken }: Assumption): string {
  const words = readingWords(code, taken);
  return code === "timing" ? `Payments are taken ${words}.` : `The rate is taken as ${words}.`;
}
