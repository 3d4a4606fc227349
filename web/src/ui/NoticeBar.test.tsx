import { afterEach, beforeEach, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { NoticeBar } from "./NoticeBar";
import { showNotice, useNotices } from "./notices";

const LONG_ENOUGH_MS = 11_000;

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  act(() => useNotices.getState().close());
  jest.useRealTimers();
});

function show(text: string, run = () => undefined): void {
  act(() => showNotice({ kind: "done", text, action: { words: "Undo", run } }));
}

function wait(milliseconds = LONG_ENOUGH_MS): void {
  act(() => {
    jest.advanceTimersByTime(milliseconds);
  });
}

const notice = () => screen.queryByText("The problem is in the bin.");

test("a notice goes by itself, but not while somebody is on it", () => {
  render(<NoticeBar />);
  show("The problem is in the bin.");
  fireEvent.focus(screen.getByRole("button", { name: "Undo" }));
  wait();
  expect(notice()).not.toBeNull();
  fireEvent.blur(screen.getByRole("button", { name: "Undo" }));
  wait();
  expect(notice()).toBeNull();
});

test("a newer notice takes its place, and has its own time", () => {
  render(<NoticeBar />);
  show("Copied.");
  wait(LONG_ENOUGH_MS - 2000);
  show("The problem is in the bin.");
  expect(screen.queryByText("Copied.")).toBeNull();
  wait(4000);
  expect(notice()).not.toBeNull();
});

test("what can be done about it is done once, and closes it", () => {
  const undo = jest.fn<() => undefined>();
  render(<NoticeBar />);
  show("The problem is in the bin.", undo);
  fireEvent.click(screen.getByRole("button", { name: "Undo" }));
  expect(undo).toHaveBeenCalledTimes(1);
  expect(notice()).toBeNull();
});
