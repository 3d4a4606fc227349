import { describe, expect, it } from "@jest/globals";
import { keepingParts } from "./keeping-parts";

describe("keepingParts", () => {
  it("keeps what says the same, and takes what does not", () => {
    const keep = keepingParts<{ lines: { at: number }[]; text: string }>();
    const first = keep({ lines: [{ at: 1 }, { at: 2 }], text: "a" });
    const second = keep({ lines: [{ at: 1 }, { at: 3 }], text: "a" });
    expect(second).toEqual({ lines: [{ at: 1 }, { at: 3 }], text: "a" });
    expect(second.lines[0]).toBe(first.lines[0]);
    expect(second.lines[1]).not.toBe(first.lines[1]);
    expect(keep({ lines: [{ at: 1 }, { at: 3 }], text: "a" })).toBe(second);
  });

  it("goes on from the value before, also after one that is nothing", () => {
    const keep = keepingParts<{ at: number } | null>();
    expect(keep(null)).toBeNull();
    const kept = keep({ at: 1 });
    expect(keep({ at: 1 })).toBe(kept);
  });
});
