import { useLayoutEffect, useRef, type KeyboardEvent, type ReactNode } from "react";
import styles from "./TabRow.module.css";

interface TabRowProps<Key extends string> {
  readonly label: string;
  readonly tabs: readonly { readonly key: Key; readonly name: ReactNode }[];
  readonly open: Key;
  readonly onOpen: (key: Key) => void;
  /** The id of what a tab shows; its own name is `tabId(panel, key)`. */
  readonly panel: string;
}

export function tabId(panel: string, key: string): string {
  return `${panel}-tab-${key}`;
}

const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 };

/**
 * Tabs in a row that scrolls where it is too long; the arrows go from one to the next. The library's own put the
 * button of a menu among the tabs there, which a list of tabs may not have.
 */
export function TabRow<Key extends string>(props: TabRowProps<Key>) {
  const { label, tabs, open, onOpen, panel } = props;
  const row = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => bringIntoSight(row.current), [open]);
  const move = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const from = tabs.findIndex(({ key }) => key === open);
    const place = (from + step + tabs.length) % tabs.length;
    const next = tabs[place];
    if (next !== undefined) onOpen(next.key);
    row.current?.querySelectorAll("button")[place]?.focus();
  };
  return (
    <div ref={row} role="tablist" aria-label={label} className={styles.row} onKeyDown={move}>
      {tabs.map(({ key, name }) => (
        <button
          key={key}
          type="button"
          role="tab"
          id={tabId(panel, key)}
          aria-selected={key === open}
          aria-controls={panel}
          tabIndex={key === open ? 0 : -1}
          className={styles.tab}
          onClick={() => onOpen(key)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}

/** Scrolls the row, and not the page, until its open tab is seen whole. */
function bringIntoSight(row: HTMLElement | null): void {
  const tab = row?.querySelector<HTMLElement>("[aria-selected=true]") ?? null;
  if (row === null || tab === null) return;
  const [left, right] = [tab.offsetLeft - row.offsetLeft, row.scrollLeft + row.clientWidth];
  if (left < row.scrollLeft) row.scrollLeft = left;
  else if (left + tab.offsetWidth > right)
    row.scrollLeft = left + tab.offsetWidth - row.clientWidth;
}
