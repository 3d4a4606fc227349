/** What may stand behind the mark and only says what kind of figure is sought: `? compounded monthly`, `? years`. */
const WORDS_BEHIND = new RegExp(
  [
    "%|per|p\\.?a|an?|each|every|apr|apy|ear",
    "compound|convertible|nominal|effective|continuous|interest|c\\.",
    "year|annual|half-?year|semi|quarter|month|fortnight|bi-?week|week|day|daily",
    "payment|deposit|withdrawal|instal|time|dollar|euro|pound",
  ]
    .map((words) => `(?:${words})`)
    .join("|")
    .replace(/^/, "^(?:")
    .replace(/$/, ")"),
  "i",
);

const MARK = /^[?？]+/;

/** Whether a text is the mark that makes its field the unknown. */
export function isUnknownMark(text: string): boolean {
  const words = wordsBehindMark(text);
  return words !== null && (words === "" || WORDS_BEHIND.test(words));
}

/** What stands behind the mark of the unknown; `null` for a text that does not begin with it. */
export function wordsBehindMark(text: string): string | null {
  const plain = text.trim();
  const mark = MARK.exec(plain)?.[0];
  return mark === undefined ? null : plain.slice(mark.length).trim();
}
