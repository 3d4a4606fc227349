import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { focusAfterMenu, focusWhenDrawn, leaveMenu } from "./focus";

const turn = () => new Promise((resolve) => setTimeout(resolve, 0));

function draw(html: string): void {
  const place = document.createElement("div");
  place.innerHTML = html;
  document.body.append(...place.children);
}

const active = () => document.activeElement?.id ?? "";
const element = (id: string) => document.getElementById(id);

beforeEach(() => {
  document.body.innerHTML = "";
  draw(
    '<button id="button"></button><input id="other"><ul role="menu"><li tabindex="0" id="item"></li></ul>',
  );
});

// What still waits for somebody must not reach into the next test.
afterEach(() => void dispatchEvent(new Event("pointerdown")));

describe("a field that is wanted", () => {
  test("has the focus, with its text marked", async () => {
    draw('<input id="field" value="140">');
    focusWhenDrawn("field");
    await turn();
    expect(active()).toBe("field");
    expect((element("field") as HTMLInputElement).selectionEnd).toBe(3);
  });

  test("that is drawn later has it then", async () => {
    focusWhenDrawn("late");
    await turn();
    expect(active()).toBe("");
    draw('<input id="late">');
    await turn();
    expect(active()).toBe("late");
  });

  test.each([
    ["clicked elsewhere", new Event("pointerdown")],
    ["gone on", new KeyboardEvent("keydown", { key: "Tab" })],
  ])("takes nothing from somebody who has %s", async (_, event) => {
    focusWhenDrawn("late");
    await turn();
    element("other")?.focus();
    dispatchEvent(event);
    draw('<input id="late">');
    await turn();
    expect(active()).toBe("other");
  });

  test("that is never drawn is given up", async () => {
    jest.useFakeTimers();
    focusWhenDrawn("never");
    await jest.advanceTimersByTimeAsync(10_000);
    jest.useRealTimers();
    draw('<input id="never">');
    await turn();
    expect(active()).toBe("");
  });
});

describe("a menu that closes", () => {
  test("gives the focus to its button", () => {
    element("item")?.focus();
    leaveMenu(element("button"));
    expect(active()).toBe("button");
  });

  test("leaves it where somebody has gone", () => {
    element("other")?.focus();
    leaveMenu(element("button"));
    expect(active()).toBe("other");
  });

  test("gives it to the field that it leads to, once", async () => {
    draw('<input id="field">');
    element("item")?.focus();
    focusAfterMenu("field");
    leaveMenu(element("button"));
    await turn();
    expect(active()).toBe("field");
    dispatchEvent(new Event("pointerdown"));
    element("item")?.focus();
    leaveMenu(element("button"));
    await turn();
    expect(active()).toBe("button");
  });

  test("does not take it back from that field, nor mark what is typed there", async () => {
    draw('<input id="field" value="">');
    focusAfterMenu("field");
    leaveMenu(element("button"));
    await turn();
    const field = element("field") as HTMLInputElement;
    field.value = "1";
    field.setSelectionRange(1, 1);
    element("item")?.focus();
    expect(active()).toBe("field");
    expect(field.selectionStart).toBe(1);
  });

  test("is opened again as ever", async () => {
    draw('<input id="field">');
    focusAfterMenu("field");
    leaveMenu(element("button"));
    await turn();
    dispatchEvent(new Event("pointerdown"));
    element("item")?.focus();
    expect(active()).toBe("item");
  });
});
