import { isShareUnread } from "./gaps";
import { isAnswered, type AnswersOfText } from "./answered";
import { isLeftOver } from "./left-over";
import { isUnsaid } from "./unsaid";

/** What tells that a text is read wrongly: figures that do not fit, or an answer that was not asked for. */
export function doubtIn(read: AnswersOfText): "left-over" | "other-answer" | null {
  if (isLeftOver(read) || isShareUnread(read.facts) || isUnsaid(read)) return "left-over";
  return isAnswered(read) ? null : "other-answer";
}
