import { Button, type ButtonProps } from "antd";
import type { ComponentProps } from "react";
import { CrossIcon } from "./CrossIcon";
import styles from "./Buttons.module.css";

/** Does something beside what one is at. */
export function QuietButton({ className = "", ...props }: ButtonProps) {
  return (
    <Button type="text" size="small" className={`${styles.quiet ?? ""} ${className}`} {...props} />
  );
}

/** A quiet button where a key draws it anew: the library's takes most of a millisecond on a slow telephone. */
export function LightButton({ className = "", ...props }: Omit<ComponentProps<"button">, "type">) {
  return <button type="button" className={`${styles.light ?? ""} ${className}`} {...props} />;
}

/** Does the next thing: words in the accent. */
export function WordButton({ className = "", ...props }: ButtonProps) {
  return (
    <Button type="link" size="small" className={`${styles.word ?? ""} ${className}`} {...props} />
  );
}

interface TurnButtonProps extends Omit<ComponentProps<"button">, "type" | "aria-expanded"> {
  readonly isOpen: boolean;
}

/** Opens what stands under it, and closes it. It stands in rows that a key draws anew, so it is the browser's own. */
export function TurnButton({ isOpen, className = "", ...props }: TurnButtonProps) {
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      className={`${styles.turn ?? ""} ${className}`}
      {...props}
    />
  );
}

/** Opens a menu of what else can be done with what it stands beside. */
export function MoreButton({ className = "", ...props }: Omit<ComponentProps<"button">, "type">) {
  return (
    <button type="button" className={`${styles.sign ?? ""} ${className}`} {...props}>
      <span aria-hidden="true" className={styles.dots}>
        ⋯
      </span>
    </button>
  );
}

/** Takes away what stands before it; the browser's own as well. */
export function DropButton({ className = "", ...props }: Omit<ComponentProps<"button">, "type">) {
  return (
    <button
      type="button"
      className={`${styles.sign ?? ""} ${styles.drop ?? ""} ${className}`}
      {...props}
    >
      <CrossIcon />
    </button>
  );
}
