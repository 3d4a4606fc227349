import { beforeAll, expect, it, jest } from "@jest/globals";
import type { readQuestion } from "@kestrelmoor/core/question";
import { act, renderHook } from "@testing-library/react";
import type { useReading } from "./use-reading";

const asked: string[] = [];
let use: typeof useReading;

beforeAll(async () => {
  const question = await import("@kestrelmoor/core/question");
  const counted: typeof readQuestion = (text, choices) => {
    asked.push(text);
    return question.readQuestion(text, choices);
  };
  jest.doMock("./load-reader", () => ({
    loadReader: () => Promise.resolve({ readQuestion: counted }),
  }));
  ({ useReading: use } = await import("./use-reading"));
});

const LOAN =
  "A loan of £9,000 at 6.9% a year is repaid over 5 years by equal payments at the end of each month.";

it("reads a text once with each letter, though its choices begin anew with it", async () => {
  const { rerender, result } = renderHook(({ text, choices }) => use(text, choices), {
    initialProps: { text: LOAN, choices: {} },
  });
  await act(async () => Promise.resolve());
  expect(result.current?.text).toBe(LOAN);
  asked.length = 0;
  for (const text of [`${LOAN} F`, `${LOAN} Fi`, `${LOAN} Fin`]) {
    act(() => rerender({ text, choices: {} }));
    expect(result.current?.text).toBe(text);
  }
  expect(asked).toEqual([`${LOAN} F`, `${LOAN} Fi`, `${LOAN} Fin`]);
});

it("keeps what a longer text is still read as", async () => {
  const { rerender, result } = renderHook(({ text, choices }) => use(text, choices), {
    initialProps: { text: `${LOAN} Find the payment.`, choices: {} },
  });
  await act(async () => Promise.resolve());
  const before = result.current?.reading;
  act(() => rerender({ text: `${LOAN} Find the payment. Round it to cents.`, choices: {} }));
  expect(before?.kind).toBe("problem");
  expect(result.current?.reading.parts).toBe(before?.parts);
});
