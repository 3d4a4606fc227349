import katex from "katex";
import "katex/dist/katex.min.css";
import { memo, useLayoutEffect, useRef } from "react";

/**
 * A formula, typeset, with MathML for screen readers. It is built node by node: the page's security
 * policy refuses the inline styles that a string of HTML would bring.
 */
export const Formula = memo(function Formula({ latex }: { readonly latex: string }) {
  const place = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    if (place.current === null) return;
    katex.render(String.raw`\displaystyle ${latex}`, place.current, {
      displayMode: false,
      output: "htmlAndMathml",
      throwOnError: false,
      strict: "ignore",
      // What a number comes from is marked on it; nothing else that LaTeX could do to a page is let through.
      trust: ({ command }) => command === "\\htmlData",
    });
  }, [latex]);
  return <div ref={place} />;
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
