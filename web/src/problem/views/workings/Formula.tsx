import katex from "katex";
import "katex/dist/katex.min.css";
import { memo, useLayoutEffect, useRef } from "react";
import { typeset } from "./typesetter";
import styles from "./Workings.module.css";

interface FormulaProps {
  readonly latex: string;
  /** What can be read until it is set. */
  readonly plain: string;
}

/** A formula, typeset, with MathML for screen readers. */
export const Formula = memo(function Formula({ latex, plain }: FormulaProps) {
  const place = useRef<HTMLDivElement>(null);
  useLayoutEffect(
    () => (place.current === null ? undefined : typeset(place.current, latex, plain)),
    [latex, plain],
  );
  return <div ref={place} className={styles.formula} />;
});

/** The same as MathML, for programs that take that. */
export function mathMlOf(latex: string): string {
  const html = katex.renderToString(latex, {
    displayMode: true,
    output: "mathml",
    throwOnError: false,
    strict: "ignore",
  });
  return /<math[\s\S]*<\/math>/.exec(html)?.[0] ?? "";
}
