import type { Draft, FlowLine, TypedRateLine } from "../draft";
import { quotationKeyOfLine, setQuotation } from "../quotation-key";

export type FactName =
  | "direction"
  | "amount"
  | "every"
  | "count"
  | "timing"
  | "begins"
  | "growth"
  | "growth-every"
  | "at"
  | "amounts"
  | "entries"
  | "percent"
  | "quotation"
  | "from"
  | "worth-at";

/** One thing that a line says, which a variant may have otherwise. */
export interface Fact {
  readonly line: string;
  readonly name: FactName;
  /** As it is typed; for a fact that is chosen, the key of the choice. */
  readonly text: string;
  /** Changes it in the draft that it was taken from; a choice that there is none of is left alone. */
  readonly write: (text: string) => void;
}

/** The line by which the question for a worth is known. */
const ASK = "ask";

/** Every fact of a draft, in reading order. */
export function factsOf(draft: Draft): Fact[] {
  const { ask } = draft;
  return [
    ...draft.flows.flatMap(flowFacts),
    ...draft.rates.flatMap((line, index) => (line.kind === "rate" ? rateFacts(line, index) : [])),
    ...(ask?.kind === "worth"
      ? [fact(ASK, "worth-at", ask.at, (text) => void (ask.at = text))]
      : []),
  ];
}

function fact(line: string, name: FactName, text: string, write: Fact["write"]): Fact {
  return { line, name, text, write };
}

function flowFacts(line: FlowLine): Fact[] {
  const { id } = line;
  switch (line.kind) {
    case "kept":
      return [];
    case "single":
      return [
        fact(id, "amount", line.amount, (text) => void (line.amount = text)),
        fact(id, "at", line.at, (text) => void (line.at = text)),
        directionOf(line),
      ];
    case "list":
      return [
        fact(id, "amounts", line.amounts, (text) => void (line.amounts = text)),
        fact(id, "every", line.every, (text) => void (line.every = text)),
        fact(id, "begins", line.begins, (text) => void (line.begins = text)),
      ];
    case "dated":
      return [fact(id, "entries", line.entries, (text) => void (line.entries = text))];
    case "stream": {
      const { growth } = line;
      return [
        fact(id, "amount", line.amount, (text) => void (line.amount = text)),
        fact(id, "every", line.every, (text) => void (line.every = text)),
        fact(id, "count", line.count, (text) => void (line.count = text)),
        fact(id, "timing", line.timing, (text) => {
          if (text === "end" || text === "start") line.timing = text;
        }),
        fact(id, "begins", line.begins, (text) => void (line.begins = text)),
        ...(growth === null
          ? []
          : [
              fact(id, "growth", growth.figure, (text) => void (growth.figure = text)),
              fact(id, "growth-every", growth.every, (text) => void (growth.every = text)),
            ]),
        directionOf(line),
      ];
    }
  }
}

function directionOf(line: { readonly id: string; direction: "in" | "out" }): Fact {
  return fact(line.id, "direction", line.direction, (text) => {
    if (text === "in" || text === "out") line.direction = text;
  });
}

function rateFacts(line: TypedRateLine, index: number): Fact[] {
  const { id } = line;
  return [
    fact(id, "percent", line.percent, (text) => void (line.percent = text)),
    fact(id, "quotation", quotationKeyOfLine(line), (key) => setQuotation(line, key)),
    ...(index === 0 ? [] : [fact(id, "from", line.from, (text) => void (line.from = text))]),
  ];
}

/** The facts of a draft by where they stand. */
export function factsByPlace(draft: Draft): ReadonlyMap<string, Fact> {
  return new Map(factsOf(draft).map((own) => [placeOf(own.line, own.name), own]));
}

export function placeOf(line: string, name: string): string {
  return `${line} ${name}`;
}
