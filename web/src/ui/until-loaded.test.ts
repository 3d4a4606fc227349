import { expect, test } from "@jest/globals";
import { useNotices } from "./notices";
import { untilLoaded } from "./until-loaded";

test("what cannot be loaded is tried again with longer pauses, and that is told", async () => {
  const pauses: number[] = [];
  let failures = 6;
  const load = () => {
    failures -= 1;
    return failures >= 0 ? Promise.reject(new TypeError("Failed to fetch")) : Promise.resolve("it");
  };
  const loaded = await untilLoaded(load, (milliseconds) => {
    pauses.push(milliseconds);
    return Promise.resolve();
  });
  expect(loaded).toBe("it");
  expect(pauses).toEqual([500, 1000, 2000, 4000, 8000, 8000]);
  expect(useNotices.getState().notice).toMatchObject({
    text: "Cannot load this part of the page. Trying again…",
    action: { words: "Reload the page" },
  });
});
