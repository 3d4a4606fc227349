import { PALETTES, type Palette } from "../../../app/look";
import { mathMlOf } from "../workings/Formula";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { renderAside } from "./render-aside";
import { Sheet } from "./Sheet";
import type { SheetContent, SheetSection } from "./sheet-content";
import sheetStyle from "./sheet.css?inline";

/**
 * A sheet as a page that stands for itself: no script, no other file, formulas as MathML.
 *
 * @param timelineOf the timeline of a part as SVG
 */
export function asPage(
  content: SheetContent,
  choice: WorkingsStyle,
  timelineOf: (section: SheetSection) => string,
): string {
  // Each is rendered aside by itself, which cannot be done while the sheet is.
  const timelines = new Map(content.sections.map((section) => [section, timelineOf(section)]));
  const sheet = (
    <Sheet
      content={content}
      choice={choice}
      timelineOf={(section) => (
        <div dangerouslySetInnerHTML={{ __html: timelines.get(section) ?? "" }} />
      )}
      Formula={MathMlFormula}
    />
  );
  const body = renderAside(sheet, (place) => place.innerHTML);
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(content.title)}</title>
<style>
:root { color-scheme: light; ${paletteRules(PALETTES.light)} }
body { margin: 0; padding: 24px 16px; background: #fff; }
.sheet { --paper: #fff; }
math { font-size: 1.1em; }
@media print { body { padding: 0; } }
${sheetStyle}
</style>
</head>
<body>
${body}
</body>
</html>
`;
}

function MathMlFormula({ latex }: { readonly latex: string }) {
  // In the line, where its words stand beside it, but as large as a formula of its own.
  const inLine = mathMlOf(latex).replace('display="block"', 'displaystyle="true"');
  return <span dangerouslySetInnerHTML={{ __html: inLine }} />;
}

function paletteRules(palette: Palette): string {
  return Object.entries(palette)
    .map(
      ([name, colour]) =>
        `--${name.replace(/[A-Z]/g, (one) => `-${one.toLowerCase()}`)}: ${String(colour)};`,
    )
    .join(" ");
}

function escaped(text: string): string {
  return text.replace(
    /[&<>]/g,
    (sign) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;" })[sign] ?? sign,
  );
}
