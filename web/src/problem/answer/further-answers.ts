import type { Outcome } from "../document/outcome";

/**
 * The answer to each follow-up line of a problem, in the order of the lines; `null` where there is none,
 * `undefined` where the question cannot be asked yet or the problem has no answer.
 */
export function furtherAnswers({ reading, solved }: Outcome): (number | null | undefined)[] {
  let asked = 0;
  return reading.also.map(({ question }) => {
    if (question === null) return undefined;
    const place = asked++;
    return solved?.also[place];
  });
}
