import { Modal } from "antd";
import { useEffect, useState } from "react";
import { isTyping, SHORTCUTS } from "./shortcuts";
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
      <button
        type="button"
        className="quiet-button"
        onClick={() => setOpen(true)}
        title="Shortcuts (Shift+/)"
      >
        Shortcuts
      </button>
      <Modal
        title="Shortcuts"
        open={isOpen}
        onCancel={() => setOpen(false)}
        footer={null}
        destroyOnHidden
      >
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
      </Modal>
    </>
  );
}
