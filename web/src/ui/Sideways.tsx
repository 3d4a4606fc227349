import type { ReactNode } from "react";
import styles from "./Sideways.module.css";

interface SidewaysProps {
  /** What is in it, for those who do not see it. */
  readonly name: string;
  readonly className?: string | undefined;
  readonly children: ReactNode;
}

/** What may be wider than its place: it scrolls by itself, by the keys as well, and the page does not. */
export function Sideways({ name, className = "", children }: SidewaysProps) {
  return (
    <div
      className={`${styles.sideways ?? ""} ${className}`}
      role="region"
      aria-label={name}
      tabIndex={0}
    >
      {children}
    </div>
  );
}
