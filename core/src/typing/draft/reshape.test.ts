import { describe, expect, test } from "@jest/globals";
import type { Draft } from "./draft";
import { readDraft } from "./read-draft";
import { reshape } from "./reshape";
import { SHAPES, type Shape } from "./shapes";

function shape(id: string): Shape {
  const found = SHAPES.find((candidate) => candidate.id === id);
  if (found === undefined) throw new Error(`There is no shape ${id}`);
  return found;
}

/** A shape with its figures typed in. */
const filled = (id: string): Draft => ({
  ...(JSON.parse(JSON.stringify(shape(id).picture())) as Draft),
  title: "Hives",
});

describe("turning one shape into another", () => {
  test("takes what was typed along, and the shape says the rest", () => {
    const draft = filled("paying-back");
    expect(reshape(draft, shape("residual"))).toEqual([]);
    expect(draft).toMatchObject({
      title: "Hives",
      rates: [{ percent: "5", compoundedBy: "payments" }],
      flows: [
        { kind: "single", amount: "300", direction: "in" },
        { kind: "stream", amount: "?", count: "9 payments" },
        { kind: "single", amount: "", direction: "out" },
      ],
    });
  });

  test("names the lines with figures for which there is no place", () => {
    const draft = filled("both-ends");
    expect(reshape(draft, shape("saving-up"))).toEqual(["Goal"]);
    expect(draft.flows).toMatchObject([
      { kind: "stream", label: "Deposits", amount: "40", count: "8 payments", direction: "out" },
      { kind: "single", amount: "?", at: "when deposits end" },
    ]);
  });

  test.each(SHAPES.flatMap((from) => SHAPES.map((to) => [from.id, to.id] as const)))(
    "%s becomes %s: its own kinds of lines, one unknown, and no mistake",
    (from, to) => {
      const draft = filled(from);
      reshape(draft, shape(to));
      const fresh = shape(to).start();
      expect(draft.flows.map(({ kind }) => kind)).toEqual(fresh.flows.map(({ kind }) => kind));
      expect(draft.ask).toEqual(fresh.ask);
      const codes = readDraft(draft).issues.map(({ code }) => code);
      expect(codes.filter((code) => !code.endsWith("-missing"))).toEqual([]);
    },
  );

  test.each(SHAPES.map(({ id }) => id))("%s turned into itself is what it was", (id) => {
    const draft = filled(id);
    const before = JSON.stringify(draft);
    expect(reshape(draft, shape(id))).toEqual([]);
    expect(JSON.stringify(draft)).toBe(before);
  });
});
