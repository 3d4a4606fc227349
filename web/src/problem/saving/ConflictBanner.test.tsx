import { expect, jest, test } from "@jest/globals";
import type { SavedProblem } from "@kestrelmoor/contract";
import { BLANK_DRAFT } from "@kestrelmoor/core/typing";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { createStore } from "zustand/vanilla";
import { ConflictBanner } from "./ConflictBanner";
import type { Saver, SaveState } from "./saver";

const THEIRS: SavedProblem = {
  id: "9741304e-b0ab-8f51-81f7-b12d20b39e1a",
  title: "The delivery van",
  version: 4,
  createdAt: "2026-11-01T09:00:00.000Z",
  updatedAt: "2026-11-02T09:00:00.000Z",
  draft: BLANK_DRAFT,
  problem: null,
  question: null,
};

function shown(state: SaveState) {
  const keepBoth = jest.fn<(theirs: SavedProblem | null) => void>();
  const takeTheirs = jest.fn<(theirs: SavedProblem) => void>();
  const keepMine = jest.fn<() => Promise<void>>().mockResolvedValue();
  const saver = { state: createStore<SaveState>(() => state), keepMine } as unknown as Saver;
  render(<ConflictBanner {...{ saver, keepBoth, takeTheirs }} />);
  return { keepBoth, takeTheirs, keepMine };
}

test.each<SaveState>([
  { kind: "saved" },
  { kind: "unsaved" },
  { kind: "away", trouble: "The server is away.", isKept: true },
])("nobody is asked anything while it is $kind", (state) => {
  shown(state);
  expect(screen.queryByRole("alert")).toBeNull();
});

test("of two texts each way out does what it says, and no other", async () => {
  const user = userEvent.setup();
  const { keepBoth, takeTheirs, keepMine } = shown({ kind: "conflict", theirs: THEIRS });
  await user.click(await screen.findByRole("button", { name: "Keep both" }));
  expect(keepBoth).toHaveBeenCalledWith(THEIRS);
  expect([takeTheirs.mock.calls, keepMine.mock.calls]).toEqual([[], []]);
  await user.click(screen.getByRole("button", { name: "Use the other version" }));
  expect(takeTheirs).toHaveBeenCalledWith(THEIRS);
  await user.click(screen.getByRole("button", { name: "Keep this version" }));
  expect(keepMine).toHaveBeenCalledTimes(1);
});

test("a problem that is gone is offered to be saved anew", async () => {
  const user = userEvent.setup();
  const { keepBoth } = shown({ kind: "gone" });
  await user.click(await screen.findByRole("button", { name: "Save as a new problem" }));
  expect(keepBoth).toHaveBeenCalledWith(null);
});
