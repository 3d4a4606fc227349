import type { ReactNode } from "react";
import { Stroke } from "./Stroke";
import { useElementWidth } from "./use-element-width";
import styles from "./CurvesFigure.module.css";

/** A curve's name beside its stroke. */
export interface CurveKey {
  readonly name: string;
  /** Which of the strokes it has. */
  readonly stroke: number;
}

interface CurvesFigureProps {
  readonly caption: string;
  /** Empty where a single curve needs no name. */
  readonly keys: readonly CurveKey[];
  /** What the picture shows, for those who do not see it. */
  readonly words: string;
  /** Draws the chart, once it is known how wide it may be. */
  readonly children: (width: number) => ReactNode;
  /** What lies over the chart and can be taken hold of. */
  readonly over?: (width: number) => ReactNode;
}

/** A chart of curves: what it shows over it, the keys of the curves, and the same in words. */
export function CurvesFigure({ caption, keys, words, children, over }: CurvesFigureProps) {
  const [place, width] = useElementWidth();
  return (
    <figure ref={place} className={styles.figure}>
      <figcaption>
        {caption}
        {keys.map(({ name, stroke }) => (
          <span key={stroke} className={styles.key}>
            <Stroke index={stroke} /> {name}
          </span>
        ))}
      </figcaption>
      {width > 0 && (
        <div className={styles.plot}>
          <div role="img" aria-label={words}>
            {children(width)}
          </div>
          {over?.(width)}
        </div>
      )}
    </figure>
  );
}
