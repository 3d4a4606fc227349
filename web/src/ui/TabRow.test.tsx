import { expect, test } from "@jest/globals";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { TabRow } from "./TabRow";

const TABS = [
  { key: "workings", name: "Workings" },
  { key: "proof", name: "Proof" },
  { key: "schedule", name: "Schedule" },
] as const;

function Views() {
  const [open, setOpen] = useState<(typeof TABS)[number]["key"]>("workings");
  return <TabRow label="Views" tabs={TABS} open={open} onOpen={setOpen} panel="view" />;
}

const isOpen = () =>
  screen.getAllByRole("tab").map((tab) => tab.getAttribute("aria-selected") === "true");

test("the arrows go from tab to tab, round the ends, and take the focus along", async () => {
  const user = userEvent.setup();
  render(<Views />);
  await user.tab();
  await user.keyboard("{ArrowRight}");
  expect(isOpen()).toEqual([false, true, false]);
  expect(document.activeElement?.textContent).toBe("Proof");
  await user.keyboard("{ArrowLeft}{ArrowLeft}");
  expect(isOpen()).toEqual([false, false, true]);
  await user.keyboard("{ArrowRight}");
  expect(isOpen()).toEqual([true, false, false]);
});

test("the open tab alone is a stop of the tab key", async () => {
  const user = userEvent.setup();
  render(<Views />);
  await user.click(screen.getByRole("tab", { name: "Schedule" }));
  expect(screen.getAllByRole("tab").map(({ tabIndex }) => tabIndex)).toEqual([-1, -1, 0]);
});
