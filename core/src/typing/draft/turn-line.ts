import type { Direction } from "../../engine/problem/schema";
import { isUnknownMark } from "../input/unknown-mark";
import { opposite } from "../../engine/problem/turned-round";
import type { Draft, SingleLine, StreamLine } from "./draft";

/**
 * Turns a line round, as `turnedRound` does a flow: the step of growing payments turns with them, or stays the money
 * that it is. Changes the line in place.
 */
function turnLine(line: SingleLine | StreamLine, step: "turns" | "stays"): void {
  line.direction = opposite(line.direction);
  if (step === "stays" && line.kind === "stream" && line.growth?.by === "amount") {
    line.growth.figure = negated(line.growth.figure);
  }
}

/** Turns the money of a line round: the same payments the other way. Changes the draft in place. */
export function turnRound(draft: Draft, id: string): void {
  const line = draft.flows.find((candidate) => candidate.id === id);
  if (line?.kind === "single" || line?.kind === "stream") turnLine(line, "turns");
}

/** Turns a line to the direction in which its answer balances: its amount changes its sign. Changes the line in place. */
export function turnToAnswer(line: SingleLine | StreamLine, direction: Direction): void {
  if (line.direction !== direction) turnLine(line, "stays");
}

const NEGATIVE = /^[-−–]\s*(?:\((.+)\)|([\d.,\s]+))$/;
const PLAIN = /^[\d.,\s]+$/;

function negated(figure: string): string {
  const text = figure.trim();
  if (text === "" || isUnknownMark(text)) return figure;
  const [, inBrackets, plain] = NEGATIVE.exec(text) ?? [];
  return inBrackets ?? plain ?? (PLAIN.test(text) ? `-${text}` : `-(${text})`);
}
