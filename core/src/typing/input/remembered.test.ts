import { expect, test } from "@jest/globals";
import { remembered } from "./remembered";

function counting() {
  const seen: string[] = [];
  const read = remembered((text) => {
    seen.push(text);
    return text === "" ? null : { text };
  });
  return { seen, read };
}

test("each text is read once, also one that means nothing", () => {
  const { seen, read } = counting();
  expect([read("6%"), read(""), read("6%"), read("")]).toEqual([
    { text: "6%" },
    null,
    { text: "6%" },
    null,
  ]);
  expect(read("6%")).toBe(read("6%"));
  expect(seen).toEqual(["6%", ""]);
});

test("the first of many is forgotten, and a long one is never kept", () => {
  const { seen, read } = counting();
  for (let number = 0; number <= 300; number += 1) read(String(number));
  read("300");
  read("1");
  expect(seen).toHaveLength(301);
  read("0");
  read("x".repeat(201));
  read("x".repeat(201));
  expect(seen).toHaveLength(304);
});
