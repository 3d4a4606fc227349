import { describe, expect, test } from "@jest/globals";
import { BLANK_DRAFT, SHAPES, type Draft } from "@kestrelmoor/core/typing";
import fc from "fast-check";
import { outcomeOf } from "../document/outcome";
import { nudgedText } from "../lines/nudge";
import { firstYearOf, hasLaterYears } from "./first-year";
import { layOut, spanOf } from "./layout";
import { countInWords, timeHandles } from "./moves";
import { sketchOf } from "./sketch";
import { nudged, snapped, snapStep, xOfYears, yearsAtX } from "./time-scale";
import { yearsInWords } from "./timeline-words";
import { USUAL_FORMAT } from "@kestrelmoor/core";

const scale = (span: number) => ({ start: 0, span, left: 64, right: 1144 });

describe("times on the axis", () => {
  test.each([
    [1, 1 / 12],
    [10, 1 / 12],
    [30, 1 / 4],
    [100, 1],
    [1000, 10],
  ])("an axis of %p years snaps to %p of a year", (span, step) => {
    expect(snapStep(scale(span))).toBeCloseTo(step, 12);
  });

  test("a place and its time belong together, and nothing lies before today", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const own = scale(40);
        expect(yearsAtX(own, xOfYears(own, share * 40))).toBeCloseTo(share * 40, 9);
      }),
    );
    expect(yearsAtX(scale(10), -500)).toBe(0);
    expect(yearsAtX(scale(10), 5000)).toBeLessThan(11);
  });

  test("steps are whole ones, whatever stands before", () => {
    expect(snapped(1.26, 1 / 12)).toBe(1.25);
    expect(nudged(1.3, 1 / 12, 1)).toBeCloseTo(16 / 12, 9);
    expect(nudged(1.3, 1 / 12, -1)).toBeCloseTo(15 / 12, 9);
    expect(nudged(0, 1, -1)).toBe(0);
    expect(yearsInWords(nudged(11 / 12, 1 / 12, 1), USUAL_FORMAT)).toBe("1 year");
  });

  test.each([
    [0, "today"],
    [0.5, "6 months"],
    [3 + 4 / 12, "3 years 4 months"],
    [1 / 52, "0.019231 years"],
  ])("%p years are typed as %p", (years, words) => {
    expect(yearsInWords(years, USUAL_FORMAT)).toBe(words);
  });

  test.each([
    [28, 1 / 12, "40 payments", "28 payments"],
    [28, 1 / 12, "3 years 4 months", "2 years 4 months"],
    [1, 1 / 12, "40 payments", "1 payment"],
    [-3, 1 / 12, "40", "1 payment"],
  ])("%p payments, typed as %p before, become %p", (count, step, typed, words) => {
    expect(countInWords(count, step, typed)).toBe(words);
  });
});

describe("what can be dragged", () => {
  test.each(SHAPES)("of the shape $id goes where it is moved to", (shape) => {
    const draft = shape.picture();
    const outcome = outcomeOf(draft);
    const handles = timeHandles(
      draft,
      outcome.reading,
      sketchOf(draft, outcome, USUAL_FORMAT).strands,
    );
    for (const handle of handles) {
      const moved = JSON.parse(JSON.stringify(draft)) as Draft;
      handle.write(moved, handle.years + 1);
      const after = outcomeOf(moved);
      const again = timeHandles(
        moved,
        after.reading,
        sketchOf(moved, after, USUAL_FORMAT).strands,
      ).find(({ line, field }) => line === handle.line && field === handle.field);
      expect(again?.years).toBeCloseTo(handle.years + 1, 6);
    }
    const unknown = draft.flows.filter(
      (line) => line.kind === "single" && /^(\?|when)/.test(line.at),
    );
    for (const line of unknown) {
      expect(handles.map((handle) => handle.line)).not.toContain(
        line.kind === "kept" ? "" : line.id,
      );
    }
  });

  test("arrow keys move what is typed, and nothing else", () => {
    const time = { unit: "years", numbers: [1] } as const;
    const nudge = { by: 1, isYear: false } as const;
    expect(nudgedText(time, "1 year", null, nudge)).toBe("1 year 1 month");
    expect(nudgedText(time, "1 year", null, { by: -1, isYear: true })).toBe("today");
    const count = { unit: "payments", numbers: [40] } as const;
    expect(nudgedText(count, "40 payments", "P1M", { by: -1, isYear: true })).toBe("28 payments");
    expect(nudgedText(count, "40 payments", null, nudge)).toBeNull();
    // The unknown, payments for ever and what waits for another line have no number.
    for (const unit of ["years", "payments"] as const) {
      expect(nudgedText({ unit, numbers: [] }, "?", "P1M", nudge)).toBeNull();
    }
    expect(nudgedText({ unit: "money", numbers: [5] }, "5", "P1M", nudge)).toBeNull();
  });

  test("a list by its first amount", () => {
    const draft: Draft = {
      ...BLANK_DRAFT,
      flows: [
        {
          kind: "list",
          id: "sales",
          label: "",
          every: "year",
          begins: "2 years",
          amounts: "5; 6",
        },
      ],
    };
    const [handle] = timeHandles(draft, outcomeOf(draft).reading, []);
    expect(handle).toMatchObject({ line: "sales", field: "begins", years: 2 });
    handle?.write(draft, 3);
    expect(draft.flows[0]).toMatchObject({ begins: "3 years" });
  });
});

describe("the first year", () => {
  test.each(SHAPES)("of the shape $id has nothing in it that comes later", (shape) => {
    const draft = shape.picture();
    const sketch = sketchOf(draft, outcomeOf(draft), USUAL_FORMAT);
    const first = layOut(
      firstYearOf(sketch),
      { width: 1200, height: 250, isSmall: false },
      USUAL_FORMAT,
      1,
    );
    for (const { post, x } of first.posts) {
      expect(post.years).toBeLessThanOrEqual(1 + 1e-9);
      expect(x).toBeLessThanOrEqual(first.right + 1);
    }
    expect(hasLaterYears(spanOf(sketch))).toBe(spanOf(sketch) > 1.5);
  });
});
