import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { FIRST_DESK, type DeskPart } from "@kestrelmoor/core/typing";
import { RefusedError, UnreachableError } from "../api/request";
import { createDeskSaver } from "./desk-saver";
import { createDeskStore, type DeskState } from "./desk-store";

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

const refusal = new RefusedError({
  ...{ type: "about:blank", title: "", status: 422 },
  ...{ code: "x", detail: "It says why." },
});

/** A server whose next answers can be made to fail. */
function world(
  failures: Error[] = [],
  first: Pick<DeskState, "desk" | "unsaved"> = { desk: FIRST_DESK, unsaved: [] },
) {
  const seen: [DeskPart, object][] = [];
  const store = createDeskStore(first);
  const saver = createDeskSaver(store, async (part, content) => {
    seen.push([part, content]);
    await new Promise((done) => setTimeout(done, 50));
    const failure = failures.shift();
    if (failure !== undefined) throw failure;
  });
  const { change, take } = store.getState();
  const kind = () => saver.state.getState().kind;
  return { store, saver, seen, change, take, kind, unsaved: () => store.getState().unsaved };
}

const pass = (milliseconds: number) => jest.advanceTimersByTimeAsync(milliseconds);

describe("the desk is saved", () => {
  test("after a pause, each part by itself and with its newest text", async () => {
    const { change, seen, kind, unsaved } = world();
    change("real", { rate: "6" });
    await pass(200);
    change("real", { rate: "6.5%" });
    change("growing", { times: "3" });
    expect(kind()).toBe("unsaved");
    await pass(700);
    expect(seen).toEqual([
      ["real", { ...FIRST_DESK.real, rate: "6.5%" }],
      ["growing", { ...FIRST_DESK.growing, times: "3" }],
    ]);
    expect([kind(), unsaved()]).toEqual(["saved", []]);
  });

  test("with what is typed while a save is under way", async () => {
    const { change, seen, kind } = world();
    change("real", { rate: "6" });
    await pass(520);
    change("real", { rate: "6.5%" });
    await pass(2000);
    expect(seen.map(([, content]) => content)).toMatchObject([{ rate: "6" }, { rate: "6.5%" }]);
    expect(kind()).toBe("saved");
  });

  test("once the server is back", async () => {
    const { change, seen, kind, unsaved } = world([new UnreachableError(), new UnreachableError()]);
    change("early", { days: "30" });
    await pass(600);
    expect([kind(), unsaved()]).toEqual(["away", ["early"]]);
    await pass(10_000);
    expect([kind(), seen.length]).toEqual(["saved", 3]);
  });

  test("after a refusal with the next change, and the reason is told", async () => {
    const { change, saver, kind } = world([refusal]);
    change("early", { days: "x" });
    await pass(60_000);
    expect(saver.state.getState()).toEqual({ kind: "refused", sentence: "It says why." });
    change("early", { days: "30" });
    await pass(700);
    expect(kind()).toBe("saved");
  });
});

describe("what the notebook has is taken", () => {
  const theirs = { real: { ...FIRST_DESK.real, rate: "9%" } };

  test("but not over what is unsaved here", () => {
    const { change, take, store } = world();
    change("real", { rate: "6.5%" });
    take({ ...theirs, early: { percent: "3%", days: "10" } });
    expect(store.getState().desk.real.rate).toBe("6.5%");
    expect(store.getState().desk.early).toEqual({ percent: "3%", days: "10" });
  });

  test("and an answer from before a save can be told from one after it", async () => {
    const { change, store } = world();
    const asked = store.getState().revision;
    change("real", { rate: "6.5%" });
    const typed = store.getState().revision;
    await pass(700);
    expect(store.getState().unsaved).toEqual([]);
    expect(new Set([asked, typed, store.getState().revision]).size).toBe(3);
  });

  test("and a part that cannot be read leaves what is here", () => {
    const { take, store } = world();
    take({ ...theirs, early: { percent: 3 } });
    expect(store.getState().desk).toEqual({ ...FIRST_DESK, ...theirs });
  });

  test("and what only this browser has goes into it", async () => {
    const desk = { ...FIRST_DESK, table: { ...FIRST_DESK.table, growth: "4%" } };
    const { take, seen } = world([], { desk, unsaved: [] });
    take(theirs);
    await pass(600);
    expect(seen).toEqual([["table", desk.table]]);
  });
});
