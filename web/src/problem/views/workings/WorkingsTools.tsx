import { lineLatex, writeOut, type Workings } from "@kestrelmoor/core/teaching";
import { LateDropdown } from "../../../ui/LateDropdown";
import { showNotice } from "../../../ui/notices";
import { mathMlOf } from "./Formula";

import { useWorkingsChoice, type WorkingsChoice } from "./workings-choice";
import { WorkingsChoices } from "./WorkingsChoices";
import styles from "./Workings.module.css";

/** How the workings are written, and the ways to take them along. */
export function WorkingsTools({ workings }: { readonly workings: Workings }) {
  const { choice } = useWorkingsChoice();
  return (
    <div className={styles.tools}>
      <p className={styles.sentence}>
        <WorkingsChoices verb="Show" />
      </p>
      <CopyMenu workings={workings} choice={choice} />
    </div>
  );
}

const FORMS = [
  { key: "plain", label: "Copy as plain text" },
  { key: "latex", label: "Copy as LaTeX" },
  { key: "mathml", label: "Copy as MathML" },
] as const;

function CopyMenu({ workings, choice }: { workings: Workings; choice: WorkingsChoice }) {
  const copy = (form: (typeof FORMS)[number]["key"]) => {
    const text =
      form === "mathml" ? inMathMl(workings, choice) : writeOut(workings.steps, form, choice);
    navigator.clipboard.writeText(text).then(
      () => showNotice({ kind: "done", text: "The workings are copied." }),
      () =>
        showNotice({
          kind: "failed",
          text: "This browser does not let the page copy. Select the steps and copy them.",
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
      <button type="button" className="quiet-button">
        Copy the workings
      </button>
    </LateDropdown>
  );
}

/** Sentences as paragraphs with their formulas, for documents that take MathML. */
function inMathMl({ steps }: Workings, choice: WorkingsChoice): string {
  return steps
    .flatMap(({ say, lines }, index) => [
      `<p>${index + 1}. ${escapeHtml(say)}</p>`,
      ...lines
        .filter(({ parts }) => parts.length > 0)
        .map((line) => mathMlOf(lineLatex(line, choice))),
    ])
    .join("\n");
}

function escapeHtml(text: string): string {
  return text.replace(
    /[&<>]/g,
    (sign) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;" })[sign] ?? sign,
  );
}
