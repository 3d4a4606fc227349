import { expect, jest, test } from "@jest/globals";
import { sharedFor } from "./shared-for";

test("is read once for all who ask within the time, and again afterwards", async () => {
  let time = 0;
  jest.spyOn(performance, "now").mockImplementation(() => time);
  let reads = 0;
  const read = sharedFor(1000, () => Promise.resolve((reads += 1)));
  expect(await Promise.all([read(), read()])).toEqual([1, 1]);
  time = 999;
  expect(await read()).toBe(1);
  time = 1000;
  expect(await read()).toBe(2);
  jest.restoreAllMocks();
});

test("what went wrong is not shared with the next", async () => {
  const answers = [Promise.reject(new Error("away")), Promise.resolve("here")];
  const read = sharedFor(
    1000,
    () => answers.shift() ?? Promise.reject(new Error("asked too often")),
  );
  await expect(read()).rejects.toThrow("away");
  expect(await read()).toBe("here");
});
