import { afterEach, describe, expect, jest, test } from "@jest/globals";
import { isUnknownMark, readingOf, readMoney, type FieldReading } from "@kestrelmoor/core/typing";
import { act, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { TypedField } from "./TypedField";

interface OneFieldProps {
  readonly first: string;
  readonly onUnknown?: () => void;
  readonly onNudge?: () => string | null;
}

/** An amount as it stands in a line, with another one after it. */
function Line({ first, ...more }: OneFieldProps) {
  const [text, setText] = useState(first);
  const reading: FieldReading<number> = isUnknownMark(text)
    ? { state: "unknown" }
    : readingOf(readMoney(text));
  return (
    <>
      <TypedField
        {...{ id: "one", name: "Amount", hint: "500", text, reading }}
        onType={setText}
        {...more}
      />
      <input id="two" data-field="" aria-label="Rate" />
    </>
  );
}

const amount = () => screen.getByRole<HTMLInputElement>("textbox", { name: "Amount" });
const complaint = () => screen.queryByText(/Cannot read|is not a number/);

afterEach(() => {
  jest.useRealTimers();
});

describe("a mistake", () => {
  test("is told when the field is left, and not while it is typed", async () => {
    const user = userEvent.setup();
    render(<Line first="" />);
    await user.type(amount(), "five");
    expect(complaint()).toBeNull();
    await user.tab();
    expect(complaint()).not.toBeNull();
    expect(amount().getAttribute("aria-invalid")).toBe("true");
  });

  test("is told in the field too, once nobody types any more", () => {
    jest.useFakeTimers();
    render(<Line first="" />);
    fireEvent.focus(amount());
    fireEvent.change(amount(), { target: { value: "five" } });
    expect(complaint()).toBeNull();
    act(() => {
      jest.advanceTimersByTime(1000);
    });
    expect(complaint()).not.toBeNull();
  });

  test("is not that nothing is typed yet", async () => {
    const user = userEvent.setup();
    render(<Line first="" />);
    await user.tab();
    await user.tab();
    expect(amount().getAttribute("aria-invalid")).toBe("false");
  });
});

describe("a key", () => {
  test("Escape puts back what was there", async () => {
    const user = userEvent.setup();
    render(<Line first="1,200" />);
    await user.click(amount());
    await user.keyboard("99{Escape}");
    expect(amount().value).toBe("1,200");
  });

  test("Enter goes on to the next empty field", async () => {
    const user = userEvent.setup();
    render(<Line first="1,200" />);
    await user.click(amount());
    await user.keyboard("{Enter}");
    expect(document.activeElement?.id).toBe("two");
  });

  test("an arrow moves a figure on, where it can be moved", async () => {
    const user = userEvent.setup();
    render(<Line first="1,200" onNudge={() => "1,300"} />);
    await user.click(amount());
    await user.keyboard("{ArrowUp}");
    expect(amount().value).toBe("1,300");
  });

  test("a question mark makes it the unknown, and keeps what was typed out of the text", async () => {
    const user = userEvent.setup();
    const become = jest.fn<() => void>();
    render(<Line first="1,200" onUnknown={become} />);
    await user.type(amount(), "?");
    expect(become).toHaveBeenCalledTimes(1);
    expect(amount().value).toBe("1,200");
  });
});
