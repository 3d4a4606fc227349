import type { FlowReading, LineReading } from "@kestrelmoor/core/typing";

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

/** "once, today", "once, when deposits end", but "once, after 3 years". */
function onceWords({ at }: LineReading<"single">): string {
  const said = at.state === "value" ? at.value : null;
  const needsNothing = said !== null && ("endOf" in said || said.years === 0);
  return needsNothing ? "once," : "once, after";
}

function growthWords({ growth }: LineReading<"stream">): string {
  return growth === null ? "" : " growing by {growth} {growth-by} every {growth-every}";
}
