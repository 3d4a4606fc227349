import { useEffect, useState } from "react";
import { Dialog } from "../ui/Dialog";
import { isTyping, SHORTCUTS } from "./shortcuts";
import { QuietButton } from "../ui/Buttons";
import styles from "./ShortcutsButton.module.css";

/** Lists the shortcuts; so does Shift+/ anywhere outside a field. */
export function ShortcutsButton() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.key === "?" && !isTyping(event.target)) {
        event.preventDefault();
        setOpen(true);
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
  return (
    <>
      <QuietButton onClick={() => setOpen(true)} title="Shortcuts (Shift+/)">
        Shortcuts
      </QuietButton>
      <Dialog title="Shortcuts" isOpen={isOpen} onClose={() => setOpen(false)}>
        <dl className={styles.list}>
          {SHORTCUTS.map(({ keys, does }) => (
            <div key={keys}>
              <dt>
                <kbd>{keys}</kbd>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
      </Dialog>
    </>
  );
}
