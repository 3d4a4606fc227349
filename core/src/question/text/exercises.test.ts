import { expect, test } from "@jest/globals";
import { exercisesIn } from "./exercises";

const cut = (text: string) => exercisesIn(text).map(({ from, to }) => text.slice(from, to));

test.each<[string, string, string[]]>([
  [
    "blank lines",
    "\nFirst one.\nIts end.\n\n  \nSecond one.\n",
    ["First one.\nIts end.", "Second one."],
  ],
  [
    "numbered lines",
    "Sheet 3\n1. First.\nIts end.\n2) Second.",
    ["Sheet 3", "1. First.\nIts end.", "2) Second."],
  ],
  ["numbered questions", "Question 1: A.\nQ2. B.", ["Question 1: A.", "Q2. B."]],
  ["nothing", "Only one.\nGoes on 2. here.", ["Only one.\nGoes on 2. here."]],
  ["no text", " \n ", []],
])("a sheet is cut at %s", (_, text, wanted) => {
  expect(cut(text)).toEqual(wanted);
});
