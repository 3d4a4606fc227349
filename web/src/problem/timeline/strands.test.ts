import { describe, expect, test } from "@jest/globals";
import { SHAPES, type Draft, type StreamLine } from "@kestrelmoor/core/typing";
import fc from "fast-check";
import { outcomeOf } from "../document/outcome";
import { layOut } from "./layout";
import { sketchOf } from "./sketch";
import { sketchInWords, strandCaption, strandMarkText } from "./timeline-words";
import { USUAL_FORMAT } from "@kestrelmoor/core";

const WIDE = { width: 1200, height: 250, isSmall: false };

function saving(parts: Partial<StreamLine>, goal = "?", label = "Saving"): Draft {
  const shape = SHAPES.find(({ id }) => id === "saving-up");
  if (shape === undefined) throw new Error("There is no such shape");
  const draft = shape.picture();
  const [stream, fund] = draft.flows;
  if (stream?.kind !== "stream" || fund?.kind !== "single") throw new Error("Another shape");
  return {
    ...draft,
    flows: [
      { ...stream, ...parts, label },
      { ...fund, amount: goal },
    ],
  };
}

const sketch = (draft: Draft) => sketchOf(draft, outcomeOf(draft), USUAL_FORMAT);
const picture = (draft: Draft, measures = WIDE) => layOut(sketch(draft), measures, USUAL_FORMAT);

describe("repeated payments on the timeline", () => {
  test("few are all drawn, each at its own time", () => {
    const { posts, bands } = picture(saving({ count: "8 payments" }));
    expect(posts.filter(({ post }) => post.line === "deposits")).toHaveLength(8);
    expect(bands).toEqual([]);
  });

  test("of many the first and the last are drawn, and a band says how many there are", () => {
    const { posts, bands } = picture(saving({ count: "3 years 4 months" }));
    expect(posts.filter(({ post }) => post.line === "deposits")).toHaveLength(10);
    expect(bands).toMatchObject([{ caption: { text: "40 payments of 40.00" } }]);
  });

  test("however many there are, what is drawn is little and stays inside the picture", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10_000 }),
        fc.constantFrom("day", "week", "month", "year"),
        fc.constantFrom(340, 800, 1200),
        fc.constantFrom("start" as const, "end" as const),
        (count, every, width, timing) => {
          fc.pre(every !== "year" || count < 900);
          const layout = picture(saving({ count: `${count} payments`, every, timing }), {
            ...WIDE,
            width,
          });
          expect(layout.posts.length).toBeLessThan(24);
          for (const { x, width: across } of layout.posts) {
            expect(x).toBeGreaterThan(0);
            expect(x + across).toBeLessThan(width);
          }
          for (const { caption } of layout.bands) {
            if (caption === null) continue;
            expect(caption.x).toBeGreaterThan(0);
            expect(caption.x + caption.width).toBeLessThan(width);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test("for ever is seen to go on", () => {
    const { bands } = picture(saving({ count: "ever" }, "100"));
    expect(bands).toMatchObject([{ caption: { text: "and so on, for ever" } }]);
  });

  test("growing ones are taller at the end", () => {
    const growth = { by: "percent", figure: "9%", every: "month" } as const;
    const { posts } = picture(saving({ count: "12 payments", growth }));
    const heights = posts
      .filter(({ post }) => post.line === "deposits")
      .map(({ height }) => height);
    expect(heights.at(-1)).toBeGreaterThan((heights[0] ?? 0) * 1.3);
  });

  test.each<[string, Partial<StreamLine>, string]>([
    ["a number of payments", { count: "?" }, "1000"],
    ["a start", { begins: "?" }, "400"],
  ])("%s as the unknown is marked on the axis", (_, parts, goal) => {
    const { marks } = picture(saving(parts, goal));
    expect(marks).toHaveLength(1);
  });

  test("an unknown count is drawn as it would be paid, the last payment smaller", () => {
    const [strand] = sketch(saving({ count: "?" }, "150")).strands;
    if (strand === undefined) throw new Error("There are payments");
    expect(strand.count).toBe(4);
    expect(strand.sizeAt(3)).toBeLessThan(40);
    expect(strandCaption(strand, USUAL_FORMAT)).toMatch(
      /^3 payments of 40\.00 and a final payment of \d/,
    );
    expect(strandMarkText(strand, USUAL_FORMAT)).toMatch(/^3\.\d+ payments$/);
  });

  test("what cannot be read yet is drawn as far as it can be", () => {
    const draft = saving({ amount: "", count: "some time" });
    const { posts, bands } = picture(draft);
    expect(posts.length).toBeGreaterThan(1);
    expect(bands).toMatchObject([{ caption: { text: "and so on" } }]);
    expect(sketchInWords(sketch(draft), USUAL_FORMAT)[0]?.text).toBe(
      "Money out: payments with no amount yet, one every month, from 1 month, Saving",
    );
  });

  test.each(SHAPES)("the shape $id has a small picture with something in it", (shape) => {
    const layout = picture(shape.picture(), { width: 168, height: 64, isSmall: true });
    expect(layout.posts.length).toBeGreaterThan(0);
    for (const { caption } of layout.bands) expect(caption).toBeNull();
  });
});
