import { afterEach, expect, test } from "@jest/globals";
import { dataFolder, inRoot } from "./folders.mjs";

const set = process.env.KESTRELMOOR_DATA;

afterEach(() => {
  if (set === undefined) delete process.env.KESTRELMOOR_DATA;
  else process.env.KESTRELMOOR_DATA = set;
});

test.each([
  ["/srv/kestrel", "/srv/kestrel", "/srv/kestrel/test"],
  ["", inRoot(".data"), inRoot(".data/test")],
])("with “%s” the database has its own folder", (folder, base, ofTests) => {
  process.env.KESTRELMOOR_DATA = folder;
  expect(dataFolder()).toBe(base);
  expect(dataFolder("test")).toBe(ofTests);
});
