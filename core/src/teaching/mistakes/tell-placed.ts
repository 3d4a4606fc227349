import { USUAL_FORMAT, type AnswerFormat } from "../../wording/answer-format";
import { PLACING_WORDS } from "../../wording/teaching/placing-words";
import type { PlacedValue } from "./place-series";

/** The sentences on a value on the way: what it is, and what to correct. */
export function tellPlaced(
  placed: PlacedValue | null,
  format: AnswerFormat = USUAL_FORMAT,
): string {
  if (placed === null) return PLACING_WORDS.unread;
  if (placed.verdict === "unexplained") return PLACING_WORDS.unexplained;
  const quantity = PLACING_WORDS.quantity(placed.where.letter, placed.where.step);
  switch (placed.verdict) {
    case "right":
      return PLACING_WORDS.right(quantity);
    case "wrong":
      return PLACING_WORDS.wrong(quantity);
    case "follows-through":
      return PLACING_WORDS.followsThrough(quantity);
    case "explained": {
      const { slips, nextTime } = placed.explanation;
      const done = slips.map((slip) => slip.done(format)).join(", and ");
      const corrected = slips.map((slip) => slip.corrected(format));
      return [PLACING_WORDS.explained(quantity, done), ...corrected, ...nextTime].join(" ");
    }
  }
}
