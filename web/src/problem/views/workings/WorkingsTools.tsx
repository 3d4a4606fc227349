import { lineLatex, writeOut, type Rounding, type Workings } from "@kestrelmoor/core/teaching";
import { LateDropdown } from "../../../ui/LateDropdown";
import { showNotice } from "../../../ui/notices";
import { mathMlOf } from "./Formula";

import { useWorkingsChoice, type WorkingsChoice } from "./workings-choice";
import styles from "./Workings.module.css";

/** What a course may ask of intermediate values. */
const ROUNDINGS: readonly { readonly words: string; readonly rounding: Rounding }[] = [
  { words: "every digit carried", rounding: { factor: null, rate: null } },
  { words: "factors to 6 decimals", rounding: { factor: 6, rate: null } },
  { words: "factors to 4 decimals", rounding: { factor: 4, rate: null } },
  { words: "rates to 4 decimals of a percent", rounding: { factor: null, rate: 4 } },
  { words: "factors and rates to 4 decimals", rounding: { factor: 4, rate: 4 } },
];

/** How the workings are written, as a sentence whose parts can be chosen, and the ways to take them along. */
export function WorkingsTools({ workings }: { readonly workings: Workings }) {
  const { choice, change } = useWorkingsChoice();
  const { factor, rate } = choice.rounding;
  const chosen = ROUNDINGS.findIndex(
    ({ rounding }) => rounding.factor === factor && rounding.rate === rate,
  );
  return (
    <div className={styles.tools}>
      <p className={styles.sentence}>
        <label>
          Show{" "}
          <select
            className="ink-choice"
            aria-label="How much is shown"
            value={choice.level}
            onChange={({ target }) => change({ level: target.value as WorkingsChoice["level"] })}
          >
            <option value="every-step">every step</option>
            <option value="short">the short form</option>
          </select>
          ,
        </label>{" "}
        <label>
          with{" "}
          <select
            className="ink-choice"
            aria-label="How factors are written"
            value={choice.notation}
            onChange={({ target }) =>
              change({ notation: target.value as WorkingsChoice["notation"] })
            }
          >
            <option value="fractions">formulas written out</option>
            <option value="factors">annuity symbols</option>
          </select>
        </label>{" "}
        <label>
          and{" "}
          <select
            className="ink-choice"
            aria-label="How intermediate values are rounded"
            value={chosen}
            onChange={({ target }) =>
              change({ rounding: ROUNDINGS[Number(target.value)]?.rounding ?? choice.rounding })
            }
          >
            {ROUNDINGS.map(({ words }, index) => (
              <option key={words} value={index}>
                {words}
              </option>
            ))}
          </select>
          .
        </label>
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
