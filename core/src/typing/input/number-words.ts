/** The small numbers as words, from one on. */
export const NUMBER_WORDS: readonly string[] = [
  ...["one", "two", "three", "four", "five", "six"],
  ...["seven", "eight", "nine", "ten", "eleven", "twelve"],
];
