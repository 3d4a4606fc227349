import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import type { SavedProblem } from "@kestrelmoor/contract";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { RefusedError, UnreachableError } from "../../api/request";
import { createSaver, type SaverParts } from "./saver";

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

function draft(title: string): Draft {
  const shape = SHAPES[0];
  if (shape === undefined) throw new Error("There are no shapes");
  return { ...shape.start(), title };
}

function saved(version: number, title: string): SavedProblem {
  const moment = "2026-01-31T09:00:00.000Z";
  return {
    id: "5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d",
    version,
    title,
    draft: draft(title),
    problem: null,
    question: null,
    createdAt: moment,
    updatedAt: moment,
  };
}

function refused(status: number, extra: object = {}) {
  return new RefusedError({
    type: "about:blank",
    title: "",
    status,
    code: "x",
    detail: "It says why.",
    ...extra,
  });
}

/** A server of one problem, whose next answers can be made to fail. */
function world(failures: Error[] = [], isFull = false) {
  const seen: { version: number; title: string }[] = [];
  let local: unknown = null;
  const parts: SaverParts = {
    save: async (version, text) => {
      seen.push({ version, title: text.title });
      await Promise.resolve();
      const failure = failures.shift();
      if (failure !== undefined) throw failure;
      return saved(version + 1, text.title);
    },
    keepLocally: (copy) => {
      if (isFull) return false;
      local = copy;
      return true;
    },
    dropLocally: () => {
      local = null;
    },
    onSaved: () => undefined,
  };
  return { saver: createSaver(1, parts), seen, localCopy: () => local, failures };
}

const pass = (milliseconds: number) => jest.advanceTimersByTimeAsync(milliseconds);

describe("saving", () => {
  test("waits for a pause, saves the newest text, and counts versions", async () => {
    const { saver, seen, localCopy } = world();
    saver.changed(draft("a"));
    await pass(200);
    saver.changed(draft("ab"));
    expect(saver.state.getState().kind).toBe("unsaved");
    expect(localCopy()).toMatchObject({ base: 1, draft: { title: "ab" } });
    await pass(600);
    expect(seen).toEqual([{ version: 1, title: "ab" }]);
    expect(saver.state.getState().kind).toBe("saved");
    expect(localCopy()).toBeNull();
    saver.changed(draft("abc"));
    await pass(600);
    expect(seen.at(-1)).toEqual({ version: 2, title: "abc" });
  });

  test("a text typed while a save is under way is saved after it, over the new version", async () => {
    const { saver, seen, localCopy } = world();
    saver.changed(draft("a"));
    const first = saver.flush();
    saver.changed(draft("b"));
    await first;
    expect(localCopy()).toMatchObject({ base: 2, draft: { title: "b" } });
    await pass(600);
    expect(seen).toEqual([
      { version: 1, title: "a" },
      { version: 2, title: "b" },
    ]);
  });

  test("nothing to save asks nothing", async () => {
    const { saver, seen } = world();
    await saver.flush(true);
    expect(seen).toEqual([]);
  });
});

describe("a server that is away", () => {
  test("is tried again until it is back, and nothing is lost meanwhile", async () => {
    const away = [new UnreachableError(), refused(503), new UnreachableError()];
    const { saver, seen, localCopy } = world(away);
    saver.changed(draft("kept"));
    await pass(600);
    expect(saver.state.getState().kind).toBe("away");
    expect(localCopy()).toMatchObject({ draft: { title: "kept" } });
    await pass(20_000);
    expect(seen).toHaveLength(4);
    expect(saver.state.getState().kind).toBe("saved");
    expect(localCopy()).toBeNull();
  });

  test.each<[() => Error, boolean, { trouble: string; isKept: boolean }]>([
    [() => new UnreachableError(), false, { trouble: "Cannot reach the server.", isKept: true }],
    [() => refused(503), false, { trouble: "The server is busy.", isKept: true }],
    [() => refused(429), false, { trouble: "Many requests at once.", isKept: true }],
    [() => new UnreachableError(), true, { trouble: "Cannot reach the server.", isKept: false }],
  ])("says why, and whether this browser keeps the text: %p", async (failure, isFull, says) => {
    const { saver } = world([failure()], isFull);
    saver.changed(draft("kept"));
    await pass(600);
    expect(saver.state.getState()).toEqual({ kind: "away", ...says });
    saver.stop();
  });

  test("is not tried any more once the page is left", async () => {
    const { saver, seen } = world(Array.from({ length: 9 }, () => new UnreachableError()));
    saver.changed(draft("a"));
    await pass(600);
    saver.stop();
    await pass(60_000);
    expect(seen).toHaveLength(1);
  });
});

describe("somebody else's save", () => {
  const conflict = () => refused(412, { current: saved(5, "theirs") });

  test("is shown, and nothing is sent until a person has chosen", async () => {
    const { saver, seen, localCopy } = world([conflict()]);
    saver.changed(draft("mine"));
    await pass(600);
    expect(saver.state.getState()).toMatchObject({ kind: "conflict", theirs: { title: "theirs" } });
    saver.changed(draft("mine, longer"));
    await pass(60_000);
    expect(seen).toHaveLength(1);
    expect(localCopy()).toMatchObject({ draft: { title: "mine, longer" } });
  });

  test("keeping mine saves over the version that was seen", async () => {
    const { saver, seen } = world([conflict()]);
    saver.changed(draft("mine"));
    await pass(600);
    await saver.keepMine();
    expect(seen.at(-1)).toEqual({ version: 5, title: "mine" });
    expect(saver.state.getState().kind).toBe("saved");
  });

  test("taking theirs drops mine and goes on from their version", async () => {
    const { saver, seen, localCopy } = world([conflict()]);
    saver.changed(draft("mine"));
    await pass(600);
    saver.takeTheirs(saved(5, "theirs"));
    expect(localCopy()).toBeNull();
    saver.changed(draft("theirs, changed"));
    await pass(600);
    expect(seen.at(-1)).toEqual({ version: 5, title: "theirs, changed" });
  });

  test("that says just what is here is no conflict", async () => {
    const { title, ...rest } = draft("mine");
    const mine = { ...saved(5, "mine"), draft: { title, ...rest } };
    const { saver, localCopy } = world([refused(412, { current: mine })]);
    saver.changed(draft("mine"));
    await pass(600);
    expect(saver.state.getState().kind).toBe("saved");
    expect(localCopy()).toBeNull();
  });

  test("a problem that was deleted is said to be gone, and kept here", async () => {
    const { saver, localCopy } = world([refused(404)]);
    saver.changed(draft("mine"));
    await pass(600);
    expect(saver.state.getState().kind).toBe("gone");
    expect(localCopy()).toMatchObject({ draft: { title: "mine" } });
  });
});

test("a text that the server does not take is said why, and the next change is tried", async () => {
  const { saver, seen } = world([refused(422)]);
  saver.changed(draft("bad"));
  await pass(600);
  expect(saver.state.getState()).toEqual({ kind: "refused", sentence: "It says why." });
  saver.changed(draft("good"));
  await pass(600);
  expect(seen).toHaveLength(2);
  expect(saver.state.getState().kind).toBe("saved");
});
