import { type Scope, wordsOf } from "../../facts/scope";

/** Whether an item calls something unknown: "an unknown amount". */
export function saysUnknown({ marks }: Scope, noun: string): boolean {
  return wordsOf(marks).includes(` unknown ${noun} `);
}
