import { sentenceOf, type Issue, type AnswerFormat } from "@kestrelmoor/core";

const NEEDED: Readonly<Record<string, string>> = {
  "money-missing": "an amount",
  "percent-missing": "a rate",
  "time-missing": "a time",
  "count-missing": "the number of payments",
  "period-missing": "how often",
  "amounts-missing": "amounts",
};

/** What still stands between the draft and an answer, in one or two sentences. */
export function missingWords(issues: readonly Issue[], format: AnswerFormat): string {
  if (issues.length === 0) return "Add a line with an amount to start.";
  const missing = [...new Set(issues.flatMap((issue) => neededFor(issue) ?? []))];
  const unclear = issues.filter((issue) => neededFor(issue) === null);
  if (unclear.length === 0) {
    if (issues.every(({ code }) => code === "part-waits")) {
      return `This part waits for ${joined(missing)}.`;
    }
    return `The answer appears as you type. Still needed: ${joined(missing)}.`;
  }
  const [first] = unclear;
  const isField = first !== undefined && first.path.length > 2;
  if (unclear.length === 1 && first !== undefined && !isField) return sentenceOf(first, format);
  return unclear.length === 1
    ? "One field cannot be read yet: see the note beside it."
    : `${unclear.length} fields cannot be read yet: see the notes beside them.`;
}

/** What a field lacks that is no mistake; `null` for one that is. */
function neededFor(issue: Issue): string | null {
  return issue.code === "part-waits"
    ? `the answer of part (${issue.label})`
    : (NEEDED[issue.code] ?? null);
}

function joined(words: readonly string[]): string {
  const last = words.at(-1) ?? "";
  return words.length < 2 ? last : `${words.slice(0, -1).join(", ")} and ${last}`;
}
