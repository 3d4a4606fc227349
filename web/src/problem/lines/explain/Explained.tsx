import type { FieldName } from "@kestrelmoor/core";
import { lazy, Suspense, useRef, useState, type KeyboardEvent, type ReactNode } from "react";
import { LazyDropdown } from "../../../ui/lazy-dropdown";
import { untilLoaded } from "../../../ui/until-loaded";
import { WordButton } from "../../../ui/Buttons";
import styles from "./Explain.module.css";

const TermPanel = lazy(() => untilLoaded(() => import("./TermPanel")));

interface ExplainedProps {
  readonly term: FieldName;
  /** Makes the field the unknown, where it can be. */
  readonly onUnknown?: (() => void) | undefined;
  /** What else can be put into the field from here. */
  readonly more?: ((close: () => void) => ReactNode) | undefined;
  readonly children: ReactNode;
}

/**
 * A field or a word that explains itself: by the mark at its corner, or by Alt and the arrow down, so
 * that the Tab key goes from field to field and nowhere else.
 */
export function Explained({ term, onUnknown, more, children }: ExplainedProps) {
  const [isOpen, setOpen] = useState(false);
  // Made when it is first asked: each one would cost a little of every keystroke.
  const [isMade, setMade] = useState(false);
  const place = useRef<HTMLSpanElement>(null);
  const cameFrom = useRef<HTMLElement>(null);
  const open = () => {
    const { activeElement } = document;
    cameFrom.current =
      activeElement instanceof HTMLElement && place.current?.contains(activeElement) === true
        ? activeElement
        : (place.current?.querySelector<HTMLElement>("input, textarea, button") ?? null);
    setMade(true);
    setOpen(true);
  };
  const close = () => {
    setOpen(false);
    cameFrom.current?.focus();
  };
  const listen = (event: KeyboardEvent) => {
    if (event.altKey && event.key === "ArrowDown") {
      event.preventDefault();
      event.stopPropagation();
      open();
    }
  };
  const mark = (
    <button
      type="button"
      tabIndex={-1}
      className={styles.open}
      aria-label="Explain this"
      {...(isMade ? {} : { onClick: open })}
    >
      i
    </button>
  );
  return (
    <span ref={place} className={styles.explained} onKeyDownCapture={listen}>
      {children}
      {isMade ? (
        <Suspense fallback={mark}>
          <LazyDropdown
            open={isOpen}
            trigger={["click"]}
            destroyOnHidden
            onOpenChange={(opens) => {
              if (opens) open();
              else setOpen(false);
            }}
            popupRender={() => (
              <div
                className={styles.panel}
                role="dialog"
                aria-label="Explanation"
                tabIndex={-1}
                ref={(panel) => panel?.focus()}
                onKeyDown={(event) => {
                  if (event.key === "Escape") {
                    event.stopPropagation();
                    close();
                  }
                }}
              >
                <Suspense fallback={<p>…</p>}>
                  <TermPanel term={term} />
                </Suspense>
                {more?.(close)}
                {onUnknown !== undefined && (
                  <WordButton
                    onClick={() => {
                      onUnknown();
                      close();
                    }}
                  >
                    Make this the unknown
                  </WordButton>
                )}
              </div>
            )}
          >
            {mark}
          </LazyDropdown>
        </Suspense>
      ) : (
        mark
      )}
    </span>
  );
}
