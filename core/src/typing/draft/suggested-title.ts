/** The longest title that is offered: it stands in one row of a card. */
const LONGEST = 44;
const MOST_WORDS = 7;

/** Words that a title does not end in. */
const HANGING =
  /\s+(?:a|an|and|are|at|be|by|for|from|has|have|in|is|of|on|or|pays?|the|to|which|will|with)$/i;

/** Words by which questions begin and titles do not. */
const OPENING =
  /^(?:suppose(?: that)?|assume(?: that)?|if|find|calculate|what is|how much(?: is)?)\s+/i;

/**
 * A title from the words of a question: its first few, which say whom and what it is about.
 *
 * @returns `null` for a question without words
 */
export function suggestedTitle(question: string): string | null {
  const [sentence = ""] = question.trim().split(/(?<=[.?!])\s|\n/);
  const words = sentence
    // More than a title is not looked at, however long the question is.
    .slice(0, 4 * LONGEST)
    .replace(OPENING, "")
    .replace(/[\s.?!,;:]+$/, "")
    .split(/\s+/);
  let title = "";
  for (const word of words.slice(0, MOST_WORDS)) {
    const longer = title === "" ? word : `${title} ${word}`;
    if (longer.length > LONGEST) break;
    title = longer;
  }
  for (let shorter = title; shorter !== ""; title = shorter) {
    shorter = title.replace(HANGING, "").replace(/[\s,;:]+$/, "");
    if (shorter === title) break;
  }
  return /\p{L}/u.test(title) ? title.charAt(0).toUpperCase() + title.slice(1) : null;
}
