import { describe, expect, test } from "@jest/globals";
import { withFigures } from "./figures.mjs";

const text = (rows) =>
  `Before\n\n<!-- figures -->\n\n|  | target | measured |\n| --- | --- | --- |\n${rows}\n<!-- end of figures -->\n\nAfter\n`;

describe("a table of figures", () => {
  test("has what was measured now, keeps what was not, and adds what is new at its end", () => {
    const before = text("| a key | 3 | 5 |\n| a start | 5 s | 4 s |\n");
    expect(
      withFigures(before, [
        { name: "a save", target: "–", measured: "2 ms" },
        { name: "a key", target: "3", measured: "2.9" },
      ]),
    ).toBe(text("| a key | 3 | 2.9 |\n| a start | 5 s | 4 s |\n| a save | – | 2 ms |\n"));
  });

  test("is read however wide its columns are set", () => {
    const before = text("| a key   | 3   | 5        |\n");
    expect(withFigures(before, [])).toBe(text("| a key | 3 | 5 |\n"));
  });

  test("must be there", () => {
    expect(() => withFigures("Nothing", [])).toThrow("no table of figures");
  });
});
