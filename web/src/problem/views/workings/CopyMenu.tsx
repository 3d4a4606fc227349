import {
  lineLatex,
  writeOut,
  type LineStyle,
  type Step,
  type WrittenForm,
} from "@kestrelmoor/core/teaching";
import { LightButton } from "../../../ui/Buttons";
import { LateDropdown } from "../../../ui/LateDropdown";
import { showNotice } from "../../../ui/notices";
import { mathMlOf } from "./Formula";

/** Steps under a heading. */
export interface CopiedSection {
  readonly heading: string | null;
  readonly steps: readonly Step[];
  /** The number of its first step. */
  readonly first: number;
}

interface CopyMenuProps {
  /** On the button. */
  readonly name: string;
  /** What is copied, and its verb: "The workings are". */
  readonly what: string;
  readonly sections: readonly CopiedSection[];
  readonly style: LineStyle;
}

const FORMS = [
  { key: "plain", label: "Copy as plain text" },
  { key: "latex", label: "Copy as LaTeX" },
  { key: "mathml", label: "Copy as MathML" },
] as const;

/** Steps with their formulas, copied for a letter, a document or a page. */
export function CopyMenu({ name, what, sections, style }: CopyMenuProps) {
  const copy = (form: (typeof FORMS)[number]["key"]) => {
    const text = form === "mathml" ? inMathMl(sections, style) : written(sections, form, style);
    navigator.clipboard.writeText(text).then(
      () => showNotice({ kind: "done", text: `${what} copied.` }),
      () =>
        showNotice({
          kind: "failed",
          text: "The browser blocked copying. Select the steps and copy them yourself.",
        }),
    );
  };
  return (
    <LateDropdown
      menu={{
        items: FORMS.map(({ key, label }) => ({ key, label })),
        onClick: ({ key }) => copy(key as (typeof FORMS)[number]["key"]),
      }}
    >
      <LightButton>{name}</LightButton>
    </LateDropdown>
  );
}

function written(sections: readonly CopiedSection[], form: WrittenForm, style: LineStyle): string {
  return sections
    .flatMap(({ heading, steps, first }) => [
      ...(heading === null ? [] : [heading]),
      writeOut(steps, form, style, first),
    ])
    .join("\n\n");
}

/** Sentences as paragraphs with their formulas, for documents that take MathML. */
function inMathMl(sections: readonly CopiedSection[], style: LineStyle): string {
  return sections
    .flatMap(({ heading, steps, first }) => [
      ...(heading === null ? [] : [`<h3>${escapeHtml(heading)}</h3>`]),
      ...steps.flatMap(({ say, lines }, index) => [
        `<p>${first + index}. ${escapeHtml(say)}</p>`,
        ...lines
          .filter((line) => line.parts.length > 0)
          .map((line) => mathMlOf(lineLatex(line, style))),
      ]),
    ])
    .join("\n");
}

function escapeHtml(text: string): string {
  return text.replace(
    /[&<>]/g,
    (sign) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;" })[sign] ?? sign,
  );
}
