import type { ReactNode } from "react";
import styles from "./Message.module.css";

interface MessageProps {
  readonly title?: string;
  readonly role?: "status" | "alert";
  readonly children: ReactNode;
}

/** All that a page has to say, where it has nothing to show. */
export function Message({ title, role, children }: MessageProps) {
  return (
    <div className={styles.message} role={role}>
      {title !== undefined && <h1>{title}</h1>}
      {children}
    </div>
  );
}
