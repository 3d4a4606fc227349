import { useEffect, useState } from "react";
import { useNotices } from "./notices";
import { CrossIcon } from "./CrossIcon";
import styles from "./NoticeBar.module.css";

/** Long enough to read and to reach; while the pointer or the focus is on it, it stays. */
const STAYS_MS = 10_000;

export function NoticeBar() {
  const { notice, close } = useNotices();
  const [isHeld, setHeld] = useState(false);
  const number = notice?.number;
  useEffect(() => {
    if (number === undefined || isHeld) return undefined;
    const timer = setTimeout(close, STAYS_MS);
    return () => clearTimeout(timer);
  }, [number, isHeld, close]);
  return (
    <div role="status" aria-live="polite" className={styles.place}>
      {notice !== null && (
        <div
          className={`${styles.notice ?? ""} ${notice.kind === "failed" ? (styles.failed ?? "") : ""}`}
          onPointerEnter={() => setHeld(true)}
          onPointerLeave={() => setHeld(false)}
          onFocus={() => setHeld(true)}
          onBlur={() => setHeld(false)}
        >
          <span>{notice.text}</span>
          {notice.action !== undefined && (
            <button
              type="button"
              className={styles.action}
              onClick={() => {
                notice.action?.run();
                close();
              }}
            >
              {notice.action.words}
            </button>
          )}
          <button
            type="button"
            className={styles.close}
            aria-label="Close this notice"
            onClick={close}
          >
            <CrossIcon />
          </button>
        </div>
      )}
    </div>
  );
}
