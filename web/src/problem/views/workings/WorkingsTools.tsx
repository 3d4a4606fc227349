import { useAnswerFormat } from "../../answer/use-answer-format";
import type { AnswerFormat } from "@kestrelmoor/core";
import { lineLatex, writeOut, type WrittenForm } from "@kestrelmoor/core/teaching";
import { LateDropdown } from "../../../ui/LateDropdown";
import { showNotice } from "../../../ui/notices";
import { mathMlOf } from "./Formula";
import type { WorkingsParts } from "./parts";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { useWorkingsStyle } from "./workings-choice";
import { WorkingsChoices } from "./WorkingsChoices";
import { LightButton } from "../../../ui/Buttons";
import styles from "./Workings.module.css";

/** How the workings are written, and the ways to take them along. */
export function WorkingsTools({ parts }: { readonly parts: WorkingsParts }) {
  const choice = useWorkingsStyle();
  return (
    <div className={styles.tools}>
      <p className={styles.sentence}>
        <WorkingsChoices verb="Show" />
      </p>
      <CopyMenu parts={parts} choice={choice} />
    </div>
  );
}

const FORMS = [
  { key: "plain", label: "Copy as plain text" },
  { key: "latex", label: "Copy as LaTeX" },
  { key: "mathml", label: "Copy as MathML" },
] as const;

function CopyMenu({ parts, choice }: { parts: WorkingsParts; choice: WorkingsStyle }) {
  const format = useAnswerFormat();
  const copy = (form: (typeof FORMS)[number]["key"]) => {
    const text =
      form === "mathml" ? inMathMl(parts, choice, format) : written(parts, form, choice, format);
    navigator.clipboard.writeText(text).then(
      () => showNotice({ kind: "done", text: "The workings are copied." }),
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
      <LightButton>Copy the workings</LightButton>
    </LateDropdown>
  );
}

function written(
  parts: WorkingsParts,
  form: WrittenForm,
  choice: WorkingsStyle,
  format: AnswerFormat,
): string {
  return parts
    .flatMap(({ question, made, before }) => [
      ...(question === null ? [] : [question]),
      writeOut(made.steps, form, { ...choice, format }, before + 1),
    ])
    .join("\n\n");
}

/** Sentences as paragraphs with their formulas, for documents that take MathML. */
function inMathMl(parts: WorkingsParts, choice: WorkingsStyle, format: AnswerFormat): string {
  return parts
    .flatMap(({ question, made, before }) => [
      ...(question === null ? [] : [`<h3>${escapeHtml(question)}</h3>`]),
      ...made.steps.flatMap(({ say, lines }, index) => [
        `<p>${before + index + 1}. ${escapeHtml(say)}</p>`,
        ...lines
          .filter((line) => line.parts.length > 0)
          .map((line) => mathMlOf(lineLatex(line, { ...choice, format }))),
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
