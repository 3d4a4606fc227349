import { isUnknownMark } from "../input/unknown-mark";
import type { SingleLine, StreamLine } from "./draft";

/**
 * Turns a line to the direction in which its answer balances, where the amount changes its sign: the money stays
 * what it is, so the step of growing payments changes its sign too. Changes the line in place.
 */
export function turnToAnswer(line: SingleLine | StreamLine, direction: "in" | "out"): void {
  if (line.direction === direction) return;
  line.direction = direction;
  if (line.kind === "stream" && line.growth?.by === "amount") {
    line.growth.figure = negated(line.growth.figure);
  }
}

const NEGATIVE = /^[-−–]\s*(?:\((.+)\)|([\d.,\s]+))$/;
const PLAIN = /^[\d.,\s]+$/;

function negated(figure: string): string {
  const text = figure.trim();
  if (text === "" || isUnknownMark(text)) return figure;
  const [, inBrackets, plain] = NEGATIVE.exec(text) ?? [];
  return inBrackets ?? plain ?? (PLAIN.test(text) ? `-${text}` : `-(${text})`);
}
