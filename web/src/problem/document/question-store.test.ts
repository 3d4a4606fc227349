import { describe, expect, test } from "@jest/globals";
import { addPart, readyParts, removePart, SHAPES, type Draft } from "@kestrelmoor/core/typing";
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

  test("a drag is one step however long the hand rests, until it lets go", () => {
    const { store, clock, type } = storeWithClock();
    const drag = (texts: readonly string[]) => {
      for (const text of texts) {
        clock.now += 5000;
        type(text);
      }
    };
    type("1");
    store.settle();
    store.hold();
    drag(["4", "45"]);
    expect(store.getState().past).toHaveLength(2);
    store.settle();
    drag(["450", "4500"]);
    expect(store.getState().past).toHaveLength(4);
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

describe("a question of several parts", () => {
  const atOnce = (run: () => void) => run();

  /** A loan, what its payment doubles to, and what that doubles to. */
  function threeParts(defer?: (run: () => void) => void) {
    const shape = SHAPES.find(({ id }) => id === "paying-back");
    if (shape === undefined) throw new Error("There is no such type");
    const whole = { ...shape.picture(), later: [] };
    // As it is drawn, the loan is of another size.
    whole.flows = whole.flows.map((line) =>
      line.kind === "single" ? { ...line, amount: "80" } : line,
    );
    for (const label of ["a", "b"]) {
      const ready = readyParts({ ...whole, part: { label, name: "" } });
      const [part] = ready.find(({ id }) => id === "from-answer")?.make({}, "") ?? [];
      if (part === undefined) throw new Error("It goes on from its answer");
      const [rate] = part.draft.rates;
      const [, back] = part.draft.flows;
      Object.assign(rate ?? {}, { percent: "100%", quoted: "effective", compoundedBy: "words" });
      Object.assign(back ?? {}, { at: "1 year" });
      addPart(whole, part);
    }
    const question = createQuestionStore(whole, () => 0, defer);
    const answers = () =>
      question.getState().parts.map(({ solved }) => solved?.answers[0].value ?? Number.NaN);
    const typeLoan = (amount: string) =>
      question.editPart("a", ({ flows: [loan] }) => void Object.assign(loan ?? {}, { amount }));
    return { question, answers, typeLoan };
  }

  test("a change in the first goes through all of them", () => {
    const { answers, typeLoan } = threeParts(atOnce);
    const [first = 0, second = 0, third = 0] = answers();
    expect([second / first, third / second].map((one) => one.toFixed(9))).toEqual([
      "2.000000000",
      "2.000000000",
    ]);
    typeLoan("160");
    const [now = 0, , last = 0] = answers();
    expect([now / first, last / now].map((one) => one.toFixed(6))).toEqual([
      (160 / 80).toFixed(6),
      "4.000000",
    ]);
  });

  test("the others are worked out after the picture, or as soon as one looks at them", () => {
    const waiting: (() => void)[] = [];
    const { question, answers, typeLoan } = threeParts((run) => waiting.push(run));
    const before = answers();
    typeLoan("160");
    expect(answers().map((answer, index) => answer === before[index])).toEqual([false, true, true]);
    typeLoan("240");
    expect(waiting).toHaveLength(1);
    waiting[0]?.();
    const [first = 0, second = 0] = answers();
    expect(second / first).toBeCloseTo(2, 9);
    typeLoan("80");
    question.open("c");
    expect(answers()).toEqual(before);
  });

  test("a part that uses nothing of the change keeps all that is known of it", () => {
    const { question } = threeParts(atOnce);
    const [first] = question.getState().parts;
    question.editPart("c", (draft) => void (draft.part.name = "Twice twice"));
    expect(question.getState().parts[0]?.reading).toBe(first?.reading);
    expect(question.getState().draft.later[1]?.part.name).toBe("Twice twice");
  });

  test("undo opens the part that it changes, and brings a removed one back", () => {
    const { question, answers, typeLoan } = threeParts(atOnce);
    const before = question.getState().draft;
    question.open("c");
    question.editPart("c", (draft) => void (draft.part.name = "Twice"));
    question.open("a");
    question.undo();
    expect(question.getState().open).toBe("c");
    question.editWhole((whole) => removePart(whole, "b"));
    expect(question.getState().parts.map(({ reading }) => reading.issues[0]?.code)).toEqual([
      undefined,
      "part-missing",
    ]);
    question.undo();
    expect(question.getState().draft).toEqual(before);
    expect(answers().every(Number.isFinite)).toBe(true);
    typeLoan("160");
    question.undo();
    expect(question.getState().draft).toEqual(before);
  });

  test("what all parts share is changed from any of them", () => {
    const { question } = threeParts(atOnce);
    question.part("b").edit((draft) => void (draft.title = "Hives"));
    expect(question.getState().draft.title).toBe("Hives");
    expect(question.part("c").getState().draft.title).toBe("Hives");
    question.part("b").edit(({ flows: [line] }) => void Object.assign(line ?? {}, { amount: "5" }));
    expect(question.getState().draft.later[0]?.flows[0]).toMatchObject({ amount: "5" });
  });
});
