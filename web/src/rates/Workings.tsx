import { useState, type ReactNode } from "react";
import styles from "./Rates.module.css";

/** Workings that open when somebody asks for them. */
export function Workings({ children }: { readonly children: ReactNode }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <div className={styles.workings}>
      <button
        type="button"
        className="turn-button"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        Workings
      </button>
      {isOpen && children}
    </div>
  );
}
