import { useEffect, useId, useRef, type ReactNode } from "react";
import { QuietButton } from "./Buttons";
import styles from "./Dialog.module.css";

interface DialogProps {
  readonly title: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/**
 * The browser's own dialog: it keeps the focus inside, closes on Escape and gives the focus back.
 * The controls' library would lock scrolling by an inline style, which the security policy refuses.
 */
export function Dialog({ title, isOpen, onClose, children }: DialogProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  const name = useId();
  useEffect(() => {
    if (isOpen) dialog.current?.showModal();
    else dialog.current?.close();
  }, [isOpen]);
  return (
    <dialog
      ref={dialog}
      className={styles.dialog}
      aria-labelledby={name}
      onClose={onClose}
      onClick={(event) => {
        // A click on the dialog itself, and not on what is in it, is one on the backdrop.
        if (event.target === dialog.current) onClose();
      }}
    >
      <div className={styles.content}>
        <div className={styles.header}>
          <h2 id={name}>{title}</h2>
          <QuietButton onClick={onClose}>Close</QuietButton>
        </div>
        {children}
      </div>
    </dialog>
  );
}
