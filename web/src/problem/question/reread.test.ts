import { describe, expect, test } from "@jest/globals";
import { readQuestion } from "@kestrelmoor/core/question";
import { readParts, type Draft } from "@kestrelmoor/core/typing";
import { draftOfReading } from "./draft-of-reading";
import { reread, whole } from "./reread";

const TEXT =
  "A mill borrows £9,000 at 6.9% a year, compounded monthly, and repays it over 5 years by equal payments at the end of each month. Find the payment.";

function draftOf(text: string): Draft {
  const draft = draftOfReading(readQuestion(text));
  if (draft === null) throw new Error("It has no draft");
  return draft;
}

const before = draftOf(TEXT);
const answerOf = (draft: Draft) => readParts(draft)[0]?.solved?.answers[0]?.value;
/** The loan's amount set by hand. */
const byHand: Draft = {
  ...before,
  flows: before.flows.map((flow) =>
    flow.kind === "single" ? { ...flow, amount: "10,000" } : flow,
  ),
};

describe("what a changed text changes is taken over", () => {
  test.each([
    ["9,000", "12,000", "12,000 instead of 9,000"],
    ["6.9%", "7.2%", "7.2% instead of 6.9%"],
    ["5 years", "6 years", "72 payments instead of 60 payments"],
    ["end of each", "start of each", "another timing"],
    ["compounded monthly", "compounded quarterly", "another compounding"],
  ])("%s → %s", (was, is, words) => {
    const after = draftOf(TEXT.replace(was, is));
    const offer = reread(before, before, after);
    expect(offer).toMatchObject({ changes: [words], kept: [] });
    expect(offer && answerOf(offer.draft)).toBe(answerOf(after));
  });

  test("where it makes other lines, all of them", () => {
    const after = draftOf(
      TEXT.replace(
        "month. Find",
        "month, with a final payment of £1,000 together with the last of them. Find",
      ),
    );
    const offer = reread(before, before, after);
    expect(offer?.changes).toEqual(["other lines"]);
    expect(offer && answerOf(offer.draft)).toBe(answerOf(after));
  });
});

describe("what was set by hand stays", () => {
  test("and is told, where the text says otherwise now", () => {
    const offer = reread(byHand, before, draftOf(TEXT.replace("9,000", "12,000")));
    expect(offer).toMatchObject({ changes: [], kept: ["10,000"] });
    expect(offer?.draft.flows).toEqual(byHand.flows);
  });

  test("while other changes are taken over", () => {
    const after = draftOf(TEXT.replace("9,000", "12,000").replace("6.9%", "7.2%"));
    const offer = reread(byHand, before, after);
    expect(offer).toMatchObject({ changes: ["7.2% instead of 6.9%"], kept: ["10,000"] });
    expect(offer?.draft.flows).toEqual(byHand.flows);
  });

  test("also where the text would make other lines: nothing is offered", () => {
    const after = draftOf(
      TEXT.replace(
        "month. Find",
        "month, with a final payment of £1,000 together with the last of them. Find",
      ),
    );
    expect(reread(byHand, before, after)).toBeNull();
  });
});

test("a text that says the same changes nothing, and one that was not read before has nothing to change", () => {
  expect(reread(before, before, draftOf(TEXT.replace("A mill", "The mill")))).toBeNull();
  expect(reread(byHand, null, before)).toBeNull();
});

test("lines without an answer can become those of the text", () => {
  expect(answerOf(whole({ ...before, flows: [] }, before).draft)).toBe(answerOf(before));
});
