import { afterEach, beforeEach, expect, jest, test } from "@jest/globals";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import {
  dropAllLocalCopies,
  dropFoundCopy,
  dropLocalCopy,
  findLocalCopies,
  hasLocalCopy,
  writeLocalCopy,
} from "./local-copy";

const ID = "5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d";

function draftOf(title: string): Draft {
  const draft = SHAPES[0]?.picture();
  if (draft === undefined) throw new Error("There is a problem type");
  return { ...draft, title };
}

/** As another tab would have left it. */
function leave(tab: string | null, title: string, at?: number): void {
  const key = `kestrelmoor-unsaved-${ID}${tab === null ? "" : `~${tab}`}`;
  localStorage.setItem(key, JSON.stringify({ draft: draftOf(title), base: 1, at }));
}

const titles = async () => (await findLocalCopies(ID)).map(({ draft }) => draft.title);

beforeEach(() => localStorage.clear());
afterEach(() => {
  jest.restoreAllMocks();
  Reflect.deleteProperty(navigator, "locks");
});

test("this tab's own copy comes first, then those that were left, newest first", async () => {
  leave("closed", "older", 5);
  leave("other", "newer", 9);
  leave(null, "of an older page");
  expect(writeLocalCopy(ID, { draft: draftOf("mine"), base: 3 })).toBe(true);
  expect(await titles()).toEqual(["mine", "newer", "older", "of an older page"]);
  dropLocalCopy(ID);
  expect(await titles()).toEqual(["newer", "older", "of an older page"]);
  const [newest] = await findLocalCopies(ID);
  if (newest !== undefined) dropFoundCopy(newest);
  expect(await titles()).toEqual(["older", "of an older page"]);
});

test("a copy of a tab that is open is left to it", async () => {
  leave("open", "theirs", 9);
  leave("closed", "left", 5);
  Object.defineProperty(navigator, "locks", {
    configurable: true,
    value: {
      query: () => Promise.resolve({ held: [{ name: "kestrelmoor-tab-open" }, {}] }),
      request: () => new Promise(() => undefined),
    },
  });
  expect(await titles()).toEqual(["left"]);
});

test("what cannot be read is passed over, and kept", async () => {
  localStorage.setItem(`kestrelmoor-unsaved-${ID}~x`, "{");
  localStorage.setItem(`kestrelmoor-unsaved-${ID}~y`, JSON.stringify({ draft: {}, base: 1 }));
  expect(await titles()).toEqual([]);
  expect(hasLocalCopy(ID)).toBe(true);
  expect(hasLocalCopy("another")).toBe(false);
  dropAllLocalCopies();
  expect(hasLocalCopy(ID)).toBe(false);
});

test("a browser that is full says so", () => {
  jest.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  expect(writeLocalCopy(ID, { draft: draftOf("mine"), base: 3 })).toBe(false);
});
