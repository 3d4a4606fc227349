import { useEffect, useEffectEvent } from "react";
import { createPortal } from "react-dom";
import styles from "./OnPaper.module.css";

export interface PaperLine {
  /** By which the style sheet tells its lines apart. */
  readonly kind: string;
  readonly cells: readonly string[];
}

interface OnPaperProps {
  /** What it is, for those who do not see it. */
  readonly name: string;
  readonly title: string;
  readonly heads: readonly string[];
  readonly lines: readonly PaperLine[];
  /** It is on paper, or somebody has thought better of it. */
  readonly onPrinted: () => void;
}

/** A whole table for the printer, which sees nothing else; the screen does not show it. */
export function OnPaper({ name, title, heads, lines, onPrinted }: OnPaperProps) {
  const end = useEffectEvent(onPrinted);
  useEffect(() => {
    const leave = () => end();
    addEventListener("afterprint", leave);
    print();
    return () => removeEventListener("afterprint", leave);
  }, []);
  return createPortal(
    <section className={styles.printed} aria-label={name}>
      <h1>{title}</h1>
      <table>
        <thead>
          <tr>
            {heads.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(({ kind, cells }, index) => (
            <tr key={index} data-kind={kind}>
              {cells.map((cell, column) => (
                <td key={column}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
