import { describe, expect, test } from "@jest/globals";
import {
  fieldKey,
  flowField,
  type FieldName,
  type FieldRef,
} from "../../../engine/fields/field-ref";
import { figureOf, figuresOf } from "../../../engine/fields/problem-figures";
import { findUnknown } from "../../../engine/problem/unknown";
import { BLANK_DRAFT, draftSchema, type Draft } from "../draft";
import { readDraft } from "../read-draft";
import { writeDraft } from "../write-draft";
import { fieldAt, fieldsOf, unknownsOf } from "./draft-fields";
import { readingAt, readingsOf } from "./draft-readings";
import { fieldName } from "./field-words";

/** Every kind of line with every field that it can have. */
const whole = (): Draft => {
  const rate = {
    kind: "rate",
    quoted: "nominal",
    compounding: "P1M",
    compoundedBy: "words",
  } as const;
  return {
    ...BLANK_DRAFT,
    rates: [
      { ...rate, id: "rate-1", percent: "6%", from: "" },
      { ...rate, id: "rate-2", percent: "7%", from: "2 years" },
    ],
    flows: [
      { kind: "single", id: "loan", label: "Loan", direction: "in", amount: "1,000", at: "1 year" },
      {
        kind: "stream",
        id: "payments",
        label: "",
        direction: "out",
        amount: "140",
        every: "month",
        count: "3 years",
        timing: "end",
        begins: "today",
        growth: { by: "percent", figure: "2%", every: "year" },
      },
      {
        kind: "list",
        id: "extra",
        label: "Extra",
        every: "year",
        begins: "3 years",
        amounts: "out 10; 20 x 2; 30",
      },
      { kind: "dated", id: "dates", label: "", entries: "2027-01-01 out 5; 2028-01-01 6" },
    ],
  };
};

function withoutEntry(ref: FieldRef): FieldRef {
  return ref.on === "flow" ? flowField(ref.line, ref.field) : ref;
}

describe("the fields of a draft and the figures of its problem are the same", () => {
  test("each figure is typed in a field, which is read in the same unit", () => {
    const draft = whole();
    const reading = readDraft(draft);
    const { problem } = reading;
    if (problem === null) throw new Error(JSON.stringify(reading.issues));
    for (const figure of figuresOf(problem)) {
      const ref = withoutEntry(figure.field);
      expect([fieldKey(ref), fieldAt(draft, ref) !== undefined]).toEqual([fieldKey(ref), true]);
      expect(readingAt(reading, ref)?.unit).toBe(figure.unit);
    }
  });

  test.each(unknownsOf(whole()).map(({ ref }) => ref))("%j can be the unknown", (ref) => {
    const draft = whole();
    const own = unknownsOf(draft).find((one) => fieldKey(one.ref) === fieldKey(ref));
    own?.write("?");
    const { problem, issues } = readDraft(draft);
    if (problem === null) throw new Error(JSON.stringify(issues));
    const unknown = findUnknown(problem);
    const path = [ref.on === "rate" ? "rates" : "flows", ref.on === "ask" ? 0 : ref.line];
    expect(unknown).toMatchObject({ value: { field: ref, path: [...path, ...(own?.path ?? [])] } });
    expect(figureOf(problem, ref)?.unknown).not.toBeNull();
  });

  test.each([
    ["extra", "out 10; 20 x 2; ?", ["amounts", 3], 3],
    ["extra", "?", ["amounts", 0], 0],
    ["dates", "2027-01-01 out 5; 2028-01-01 ?", ["entries", 1, "amount"], 1],
  ])("an amount of %s that is the unknown has its place: %s", (line, text, path, entry) => {
    const draft = whole();
    fieldsOf(draft)
      .find(({ line: id, name }) => id === line && (name === "amounts" || name === "entries"))
      ?.write(text);
    const [unknown] = unknownsOf(draft).filter(({ ref }) => ref.on === "flow" && "entry" in ref);
    expect(unknown).toMatchObject({ path, ref: { entry } });
    const { problem } = readDraft(draft);
    const found = problem === null ? null : findUnknown(problem);
    expect(found).toMatchObject({ value: { field: unknown?.ref } });
  });
});

describe("a field", () => {
  test("is written into the draft that it was taken from, and into nothing else", () => {
    const texts: Partial<Record<FieldName, string>> = {
      direction: "in",
      timing: "start",
      quotation: "effective",
    };
    for (const { ref } of fieldsOf(whole())) {
      const draft = whole();
      const field = fieldAt(draft, ref);
      const text = (field && texts[field.name]) ?? "3";
      field?.write(text);
      expect(fieldAt(draft, ref)?.text).toBe(text);
      const others = (of: Draft) =>
        fieldsOf(of).filter((other) => fieldKey(other.ref) !== fieldKey(ref));
      const plain = (of: Draft) => others(of).map(({ text: own }) => own);
      expect(plain(draft)).toEqual(plain(whole()));
      expect(draftSchema.safeParse(draft).success).toBe(true);
    }
  });

  test("that is chosen takes only what there is to choose", () => {
    const draft = whole();
    for (const { words, write } of fieldsOf(draft)) if (words.options !== undefined) write("up");
    expect(draft).toEqual(whole());
  });

  test("has words of its own, and a name that no other has", () => {
    const draft = whole();
    const fields = fieldsOf(draft);
    for (const { words } of fields) expect(words.label).not.toBe("");
    expect(new Set(fields.map((field) => fieldName(draft, field))).size).toBe(fields.length);
    expect(fields.map((field) => fieldName(draft, field))).toContain("Loan, amount");
  });

  test("comes to the numbers that are typed in it", () => {
    const typed = readingsOf(readDraft(whole())).map(({ ref, numbers }) => [ref.field, ...numbers]);
    expect(typed).toEqual([
      ["amount", 1000],
      ["at", 1],
      ["amount", 140],
      ["every"],
      ["count", 36],
      ["begins", 0],
      ["growth", 2],
      ["growth-every"],
      ["every"],
      ["begins", 3],
      ["amounts", -10, 20, 20, 30],
      ["entries", -5, 6],
      ["percent", 6],
      ["percent", 7],
      ["from", 2],
    ]);
  });
});

test("what is written from the problem is read back to it", () => {
  const { problem } = readDraft(whole());
  if (problem === null) throw new Error("It is a problem");
  expect(readDraft(writeDraft(problem)).problem).toEqual(problem);
});
