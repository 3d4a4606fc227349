/** The verdicts on a marked answer, besides the sentences of its mistake. */
export const VERDICT_WORDS = {
  explained: (done: string, figure: string) =>
    `It looks as if ${done}. That gives exactly your answer, ${figure}.`,
  through: (parts: string, isRounded: boolean) =>
    isRounded
      ? `Correct from your answer to ${parts} as you rounded it. Carry every digit over, and it is exact.`
      : `Correct from your own answer to ${parts}, which is not correct yet. The method here is right.`,
  right: {
    "it is": "Correct, to every digit you gave.",
    size: "Correct in size, to every digit you gave; the value also needs a sign.",
    decimal: "Correct, written as a decimal.",
    "whole payments": "Correct in whole payments; the final payment has a different size.",
    years: "Correct: that is how long the payments last.",
  },
};
