import type { FieldReading, FlowReading, LineReading, SaidTime } from "@kestrelmoor/core/typing";
import { dateOfReading } from "../timeline/date-of-reading";

/** A flow in words, with its fields in braces; what it says depends on what is typed in them. */
export function flowSentence(reading: FlowReading): string {
  switch (reading.kind) {
    case "kept":
      return "";
    case "single":
      return `Money {direction} {amount} ${onceWords(reading)} {at}`;
    case "stream":
      return `Money {direction} {amount} every {every} for {count} {timing} from {begins}${growthWords(reading)}`;
    case "list":
      return "One amount every {every} starting {begins} : {file} {amounts}";
    case "dated":
      return "Amounts on dates, starting today: {file} {entries}";
  }
}

/** "once, today", "once, when deposits end", "once, 9 months ago", but "once, after 3 years", "once, on 20 Sep 2027". */
function onceWords({ at }: LineReading<"single">): string {
  const before = beforeTime(at);
  return before === "" ? "once," : `once, ${before}`;
}

/** The word in front of a time that is typed: "after", "on", or none. */
export function beforeTime(time: FieldReading<SaidTime>): "" | "after" | "on" {
  if (dateOfReading(time) !== null) return "on";
  const said = time.state === "value" ? time.value : null;
  return said !== null && ("endOf" in said || said.years <= 0) ? "" : "after";
}

function growthWords({ growth }: LineReading<"stream">): string {
  return growth === null ? "" : " growing by {growth} {growth-by} every {growth-every}";
}
