import type { Box } from "./box";
import styles from "./Timeline.module.css";

/** The mark of the unknown, with its "?" or what was found. */
export function Lozenge({ box, text }: { readonly box: Box; readonly text: string }) {
  return (
    <>
      <rect
        x={box.x}
        y={box.y}
        width={box.width}
        height={box.height}
        rx={box.height / 2}
        className={styles.lozenge}
      />
      <text
        x={box.x + box.width / 2}
        y={box.y + 20.5}
        textAnchor="middle"
        className={styles.lozengeText}
      >
        {text}
      </text>
    </>
  );
}
