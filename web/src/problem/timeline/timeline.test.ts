import { describe, expect, test } from "@jest/globals";
import { BLANK_DRAFT, SHAPES, type Draft } from "@kestrelmoor/core/typing";
import fc from "fast-check";
import { outcomeOf } from "../document/outcome";
import type { Box } from "./box";
import { layOut, spanOf } from "./layout";
import { sketchOf } from "./sketch";
import { postInWords } from "./timeline-words";
import { ticksFor } from "./axis-ticks";
import { USUAL_FORMAT } from "@kestrelmoor/core";

const MEASURES = { width: 1200, height: 250, isSmall: false };

function draftOf(flows: [direction: "in" | "out", amount: string, at: string][]): Draft {
  return {
    ...BLANK_DRAFT,
    rates: [
      {
        kind: "rate",
        id: "rate-1",
        percent: "5",
        quoted: "effective",
        compounding: "P1Y",
        compoundedBy: "words",
        from: "",
      },
    ],
    flows: flows.map(([direction, amount, at], index) => ({
      kind: "single",
      id: `flow-${index}`,
      label: "",
      direction,
      amount,
      at,
    })),
    ask: null,
  };
}

const pictured = (draft: Draft, measures = MEASURES) =>
  layOut(sketchOf(draft, outcomeOf(draft), USUAL_FORMAT), measures, USUAL_FORMAT);

function crosses(one: Box, other: Box): boolean {
  return (
    one.x < other.x + other.width &&
    other.x < one.x + one.width &&
    one.y < other.y + other.height &&
    other.y < one.y + one.height
  );
}

const direction = fc.constantFrom<"in" | "out">("in", "out");
const flows = fc.array(
  fc.tuple(
    direction,
    fc.integer({ min: 1, max: 1e9 }).map((cents) => String(cents / 100)),
    fc.nat(360).map((months) => `${months} months`),
  ),
  { minLength: 1, maxLength: 40 },
);

describe("the layout", () => {
  test("no two labels on one side cross, and all lie in the picture, on wide and narrow screens", () => {
    fc.assert(
      fc.property(flows, fc.constantFrom(340, 800, 1200), (list, width) => {
        const layout = pictured(draftOf(list), { ...MEASURES, width });
        for (const side of ["in", "out"] as const) {
          const labels = layout.posts.flatMap(({ post, label }) =>
            post.direction === side && label !== null ? [label] : [],
          );
          labels.forEach((label, index) => {
            for (const other of labels.slice(index + 1)) expect(crosses(label, other)).toBe(false);
            expect(label.x).toBeGreaterThanOrEqual(0);
            expect(label.x + label.width).toBeLessThanOrEqual(width + 1);
            expect(label.y).toBeGreaterThanOrEqual(-4);
          });
        }
      }),
    );
  });

  test("money in stands on the axis, money out hangs from it, longer for more", () => {
    const { posts, axisY } = pictured(
      draftOf([
        ["out", "100", "today"],
        ["in", "50", "1 year"],
        ["in", "200", "2 years"],
      ]),
    );
    const [out, small, large] = posts;
    expect(out?.y).toBe(axisY);
    expect((small?.y ?? 0) + (small?.height ?? 0)).toBe(axisY);
    expect(large?.height).toBeGreaterThan(out?.height ?? 0);
    expect(out?.height).toBeGreaterThan(small?.height ?? 0);
  });

  test("several amounts on one date stand beside each other", () => {
    const { posts } = pictured(
      draftOf([
        ["in", "1", "2 years"],
        ["in", "1", "2 years"],
        ["in", "1", "2 years"],
      ]),
    );
    posts.forEach((post, index) => {
      for (const other of posts.slice(index + 1)) expect(crosses(post, other)).toBe(false);
    });
  });

  test("nothing at all, or everything today, still has an axis", () => {
    for (const draft of [draftOf([]), draftOf([["in", "1", "today"]])]) {
      const layout = pictured(draft);
      expect(spanOf(sketchOf(draft, outcomeOf(draft), USUAL_FORMAT))).toBe(1);
      for (const { x } of layout.posts) expect(Number.isFinite(x)).toBe(true);
    }
  });

  test.each([0.25, 1, 3.3333, 9.71, 24, 150, 1000])(
    "a span of %p years has ticks to read",
    (span) => {
      const ticks = ticksFor({ start: 0, span, left: 0, right: 1100 }, USUAL_FORMAT);
      expect(ticks[0]?.text).toBe("today");
      expect(ticks.length).toBeGreaterThan(1);
      expect(ticks.length).toBeLessThanOrEqual(12);
      expect(Math.max(...ticks.map(({ years }) => years))).toBeLessThanOrEqual(span + 1e-9);
    },
  );
});

describe("the sketch", () => {
  test("shows the unknown once it is found, where it belongs", () => {
    const draft = draftOf([
      ["out", "100", "today"],
      ["in", "?", "2 years"],
    ]);
    expect(sketchOf(draft, outcomeOf(draft), USUAL_FORMAT).posts[1]).toMatchObject({
      amount: expect.closeTo(110.25, 9),
      unknown: "amount",
      today: expect.closeTo(100, 9),
    });
  });

  test("shows what cannot be read yet as not given", () => {
    const draft = draftOf([["in", "soon", ""]]);
    expect(sketchOf(draft, outcomeOf(draft), USUAL_FORMAT).posts[0]).toMatchObject({
      amount: null,
      years: null,
    });
  });

  test("an amount that balances the other way round is drawn where it balances", () => {
    const draft = draftOf([
      ["out", "100", "today"],
      ["out", "?", "1 year"],
    ]);
    expect(sketchOf(draft, outcomeOf(draft), USUAL_FORMAT).posts[1]?.direction).toBe("in");
  });

  test.each(SHAPES)("of the shape $id has words for those who do not see it", (shape) => {
    const draft = shape.picture();
    for (const post of sketchOf(draft, outcomeOf(draft), USUAL_FORMAT).posts) {
      expect(postInWords(post, USUAL_FORMAT)).toMatch(/^Money (in|out): .+, .+/);
    }
  });

  test("says amount, time and note in one sentence", () => {
    const draft = draftOf([
      ["out", "4500", "3 years 4 months"],
      ["in", "?", "today"],
    ]);
    const [first, second] = sketchOf(draft, outcomeOf(draft), USUAL_FORMAT).posts;
    if (first === undefined || second === undefined) throw new Error("Two posts were drawn");
    expect(postInWords({ ...first, label: "into the fund" }, USUAL_FORMAT)).toBe(
      "Money out: 4,500.00, after 3 years 4 months, into the fund",
    );
    expect(postInWords(second, USUAL_FORMAT)).toMatch(/^Money in: [\d,.]+ \(found\), today$/);
  });

  test("says of each amount of a list what it is for, and of the others what the line is", () => {
    const draft: Draft = {
      ...draftOf([]),
      ask: { kind: "worth", at: "today" },
      flows: [
        {
          ...{ kind: "list", id: "shed", label: "Shed", every: "year", begins: "today" },
          amounts: 'out 500 "walls"; 300 x 2 "rent"; 400',
        },
        {
          ...{ kind: "dated", id: "mast", label: "Mast" },
          entries: '2027-03-01 out 70 "foot"; 2028-03-01 90',
        },
      ],
    };
    expect(sketchOf(draft, outcomeOf(draft), USUAL_FORMAT).posts.map(({ label }) => label)).toEqual(
      ["walls", "rent", "rent", "Shed", "foot", "Mast"],
    );
  });

  test("two dated lines share one calendar, before there is an answer and with it", () => {
    const draft = (rate: string): Draft => ({
      ...draftOf([]),
      rates: [
        {
          ...{ kind: "rate", id: "rate-1", percent: rate, quoted: "effective" },
          ...{ compounding: "P1Y", compoundedBy: "words", from: "" },
        },
      ],
      ask: { kind: "worth", at: "today" },
      flows: [
        {
          ...{ kind: "dated", id: "mast", label: "Mast" },
          entries: "2027-03-01 out 70; 2028-02-29 90",
        },
        {
          ...{ kind: "dated", id: "vane", label: "Vane" },
          entries: "2028-02-29 out 20; 2029-02-28 30",
        },
      ],
    });
    for (const rate of ["", "5"]) {
      const own = draft(rate);
      expect(sketchOf(own, outcomeOf(own), USUAL_FORMAT).posts.map(({ years }) => years)).toEqual([
        0, 1, 1, 2,
      ]);
    }
  });

  test("an amount stands at its date, and the payment that falls on it beside it to the right", () => {
    const shape = SHAPES.find(({ id }) => id === "residual");
    if (shape === undefined) throw new Error("There is a loan with a balloon");
    const draft = JSON.parse(JSON.stringify(shape.picture())) as Draft;
    // 9 tenths of a month each: their sum is 8.1 months but for its last digit.
    const [, payments] = draft.flows;
    if (payments?.kind === "stream") payments.every = "0.9 months";
    const sketch = sketchOf(draft, outcomeOf(draft), USUAL_FORMAT);
    for (const isSmall of [true, false]) {
      const layout = layOut(sketch, { width: 900, height: 260, isSmall }, USUAL_FORMAT);
      const balloon = layout.posts.find(({ post }) => post.line === "balloon");
      const payment = layout.posts.find(({ post }) => post.id === "repayments:8");
      if (balloon === undefined || payment === undefined) throw new Error("Both are drawn");
      const middle = balloon.x + balloon.width / 2;
      expect(middle).toBeCloseTo(layout.right, 6);
      // A picture on a card has no room there.
      expect(payment.x > balloon.x).toBe(!isSmall);
    }
  });
});
