/** What is said of a value on the way. */
export const PLACING_WORDS = {
  quantity: (letter: string | null, step: number | null) => {
    const name = letter ?? "the value";
    return step === null ? name : `${name} of step ${step + 1}`;
  },
  right: (quantity: string) => `Correct: that is ${quantity}.`,
  explained: (quantity: string, done: string) =>
    `The first wrong value. It is what ${quantity} would be if ${done}.`,
  wrong: (quantity: string) =>
    `The first wrong value: what follows uses it as ${quantity}. Check that line.`,
  followsThrough: (quantity: string) =>
    `Correct from your own value: that is ${quantity}. The method is right.`,
  unread: "This is not a number. Separate the values with semicolons.",
  unexplained: "Not in the workings, or in those of a common mistake.",
};
