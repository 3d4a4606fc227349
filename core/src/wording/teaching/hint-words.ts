import { listed } from "../listed";

export const HINT_WORDS = {
  /** Names of formulas, such as “present value of an annuity due”. */
  formulas: (names: readonly string[]) =>
    `Look for: ${listed(names.map((name) => `${name.charAt(0).toLowerCase()}${name.slice(1)}`))}.`,
  line: "Write this line.",
  numbers: "Substitute the numbers.",
  trials:
    "No formula gives the unknown: substitute the numbers, then try values until both sides agree.",
};
