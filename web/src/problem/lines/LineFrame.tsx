import type { Direction } from "@kestrelmoor/core";
import type { ReactNode } from "react";
import { DropButton } from "../../ui/Buttons";
import { useLinePointing, type LinePlace } from "../question/pointed";
import styles from "./Lines.module.css";

interface LineFrameProps {
  readonly mark: Direction | "mixed" | "rate" | "worth" | "date" | "kept";
  /** What the line is, for the button that removes it and for screen readers. */
  readonly name: string;
  readonly hint: string;
  readonly note?: ReactNode;
  /** What is asked back about the line. */
  readonly asked?: ReactNode;
  /** The button with what else can be done with the line. */
  readonly menu?: ReactNode;
  readonly onRemove?: () => void;
  /** Where phrases of the question may have become the line: it lights up with them. */
  readonly place?: LinePlace;
  readonly children: ReactNode;
}

/** What all lines share: the mark before the sentence, the small type under it, the way to remove it. */
export function LineFrame(props: LineFrameProps) {
  const { mark, name, hint, note, asked, menu, onRemove, place, children } = props;
  const { isLit, props: pointing } = useLinePointing(place);
  return (
    <li className={`${styles.line ?? ""} ${isLit ? (styles.lit ?? "") : ""}`} {...pointing}>
      <span className={`${styles.mark ?? ""} ${styles[`${mark}Mark`] ?? ""}`} aria-hidden="true" />
      <div className={styles.body}>
        <div className={styles.sentence}>{children}</div>
        {asked}
        {(hint !== "" || note !== undefined) && (
          <div className={styles.small}>
            {hint !== "" && <span>{hint}</span>}
            {note}
          </div>
        )}
      </div>
      <div className={styles.tools}>
        {menu}
        {onRemove !== undefined && (
          <DropButton
            className={styles.tool ?? ""}
            aria-label={`Remove: ${name}`}
            title="Remove this line"
            onClick={onRemove}
          />
        )}
      </div>
    </li>
  );
}
