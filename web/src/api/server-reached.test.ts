import { afterEach, beforeEach, expect, jest, test } from "@jest/globals";
import { tellReached, untilReached } from "./server-reached";

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

/** Whether a wait is over once all that is due has happened. */
async function isOver(wait: Promise<void>): Promise<boolean> {
  let over = false;
  void wait.then(() => (over = true));
  await Promise.resolve();
  await Promise.resolve();
  return over;
}

test("a wait for the server ends with its next answer, and not with one before", async () => {
  tellReached();
  const [one, other] = [untilReached(8000), untilReached(8000)];
  expect(await isOver(one)).toBe(false);
  tellReached();
  expect([await isOver(one), await isOver(other)]).toEqual([true, true]);
});

test("without an answer it ends in its time", async () => {
  const wait = untilReached(8000);
  jest.advanceTimersByTime(7999);
  expect(await isOver(wait)).toBe(false);
  jest.advanceTimersByTime(1);
  expect(await isOver(wait)).toBe(true);
});
