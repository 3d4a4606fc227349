import katex from "katex";
import "katex/dist/katex.min.css";
import { memo, useCallback, useLayoutEffect, useRef } from "react";
import { typeset } from "./typesetter";
import styles from "./Workings.module.css";

interface LateFormulaProps {
  /** Written when its turn comes, so that the text of a page need not wait for it. */
  readonly latex: () => string;
  /** What can be read until it is set. */
  readonly plain: string;
}

/** A formula, typeset, with MathML for screen readers. */
export const LateFormula = memo(function LateFormula({ latex, plain }: LateFormulaProps) {
  const place = useRef<HTMLDivElement>(null);
  useLayoutEffect(
    () => (place.current === null ? undefined : typeset(place.current, latex, plain)),
    [latex, plain],
  );
  return <div ref={place} className={styles.formula} />;
});

interface FormulaProps {
  readonly latex: string;
  readonly plain: string;
}

/** The same of LaTeX that is written already. */
export function Formula({ latex, plain }: FormulaProps) {
  const written = useCallback(() => latex, [latex]);
  return <LateFormula latex={written} plain={plain} />;
}

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
