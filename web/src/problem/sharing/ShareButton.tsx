import { useState } from "react";
import { Dialog } from "../../ui/Dialog";
import type { Saver } from "../saving/saver";
import { SharePanel } from "./SharePanel";
import styles from "./ShareButton.module.css";

/** Shows a copy of the problem to somebody, by a link. */
export function ShareButton({ id, saver }: { readonly id: string; readonly saver: Saver }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="quiet-button"
        title="Share a copy by a link"
        onClick={() => setOpen(true)}
      >
        <span className="hidden-when-narrow">Share</span>
        <svg className={styles.sign} width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
          <path
            d="M6.500 9.500 12.500 3.500M8 3.500h4.500V8M12 10.500v2.500H3V4h2.500"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.5"
          />
        </svg>
      </button>
      <Dialog title="Share this problem" isOpen={isOpen} onClose={() => setOpen(false)}>
        {isOpen && <SharePanel id={id} saver={saver} />}
      </Dialog>
    </>
  );
}
