import { describe, expect, test } from "@jest/globals";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { createQuestionStore } from "./question-store";

function firstDraft(): Draft {
  const shape = SHAPES[0];
  if (shape === undefined) throw new Error("There are no shapes");
  return shape.start();
}

function storeWithClock() {
  const clock = { now: 0 };
  const question = createQuestionStore(firstDraft(), () => clock.now);
  const store = { ...question.part("a"), replace: question.replace };
  const type = (text: string, field = "amount") => {
    clock.now += 100;
    store.edit((draft) => {
      const line = draft.flows[0];
      if (line?.kind === "single") line.amount = text;
    }, field);
  };
  const amount = () => {
    const line = store.getState().draft.flows[0];
    return line?.kind === "single" ? line.amount : null;
  };
  return { question, store, clock, type, amount };
}

describe("undo and redo", () => {
  test("a run of typing in one field is one step", () => {
    const { store, type, amount } = storeWithClock();
    for (const text of ["4", "45", "450"]) type(text);
    expect(store.getState().past).toHaveLength(1);
    store.undo();
    expect(amount()).toBe("");
    store.redo();
    expect(amount()).toBe("450");
  });

  test("a pause, another field or leaving the field begins a new step", () => {
    const { store, clock, type, amount } = storeWithClock();
    type("4");
    clock.now += 5000;
    type("45");
    type("450", "other");
    type("4500", "other");
    store.settle();
    type("45000", "other");
    expect(store.getState().past).toHaveLength(4);
    store.undo();
    store.undo();
    expect(amount()).toBe("45");
  });

  test("typing anew after undo drops what was undone", () => {
    const { store, type, amount } = storeWithClock();
    type("1");
    store.undo();
    type("2");
    store.redo();
    expect(amount()).toBe("2");
  });

  test("a change that changes nothing is no step", () => {
    const { store } = storeWithClock();
    store.edit(() => undefined);
    expect(store.getState().past).toHaveLength(0);
    store.undo();
    store.redo();
    expect(store.getState().draft).toEqual(firstDraft());
  });

  test("going all the way back and forth gives every text again", () => {
    const { store, clock, type, amount } = storeWithClock();
    const texts = Array.from({ length: 40 }, (_, index) => String(index));
    for (const text of texts) {
      clock.now += 5000;
      type(text);
    }
    const back: (string | null)[] = [];
    while (store.getState().past.length > 0) {
      back.push(amount());
      store.undo();
    }
    expect(back.reverse()).toEqual(texts);
    while (store.getState().future.length > 0) store.redo();
    expect(amount()).toBe("39");
  });

  test("only so many steps are kept", () => {
    const { store, clock, type } = storeWithClock();
    for (let count = 0; count < 2100; count += 1) {
      clock.now += 5000;
      type(String(count));
    }
    expect(store.getState().past).toHaveLength(2000);
  });

  test("putting another text in its place can be taken back", () => {
    const { store, type, amount } = storeWithClock();
    type("1");
    const other = { ...firstDraft(), title: "Other", currency: "USD" };
    store.replace(other);
    expect(store.getState().draft).toEqual(other);
    store.replace(firstDraft());
    expect(store.getState().draft).toEqual(firstDraft());
    store.undo();
    store.undo();
    expect(amount()).toBe("1");
  });
});

test("the outcome always belongs to the text beside it", () => {
  const { store, type } = storeWithClock();
  expect(store.getState().outcome.result).toBeNull();
  store.edit((draft) => {
    const [, back] = draft.flows;
    const [rate] = draft.rates;
    if (back?.kind === "single") back.at = "2 years";
    if (rate?.kind === "rate") rate.percent = "10";
  });
  type("100");
  expect(store.getState().outcome.result).toMatchObject({
    ok: true,
    value: { answers: [{ value: expect.closeTo(121, 10) }] },
  });
  store.undo();
  expect(store.getState().outcome.problem).toBeNull();
});
