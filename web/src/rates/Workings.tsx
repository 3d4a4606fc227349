import { useState, type ReactNode } from "react";
import { TurnButton } from "../ui/Buttons";
import styles from "./Rates.module.css";

/** Workings that open when somebody asks for them. */
export function Workings({ children }: { readonly children: ReactNode }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <div className={styles.workings}>
      <TurnButton isOpen={isOpen} onClick={() => setOpen(!isOpen)}>
        Workings
      </TurnButton>
      {isOpen && children}
    </div>
  );
}
