/** A problem told as the text of a question: see docs/reading.md. It stands on the reader, and is loaded when it is asked for. */
export { sayProblem, type SaidProblem } from "./say-problem";
