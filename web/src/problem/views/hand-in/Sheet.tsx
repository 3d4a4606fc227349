import { lineLatex, linePlain, type Line, type Step } from "@kestrelmoor/core/teaching";
import { Fragment, type ComponentType, type ReactNode } from "react";
import { StepFigures } from "../workings/StepFigures";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import { ComparisonOnSheet } from "./ComparisonOnSheet";
import type { SheetContent, SheetSection } from "./sheet-content";

interface SheetProps {
  readonly content: SheetContent;
  readonly choice: WorkingsStyle;
  /** Draws the timeline of a part. */
  readonly timelineOf: (section: SheetSection) => ReactNode;
  /** Sets a formula: for the screen or for a file. */
  readonly Formula: ComponentType<{ readonly latex: string; readonly plain: string }>;
}

/**
 * A hand-in sheet. Its look comes only from `sheet.css`, by plain class names, because a saved page includes the
 * same rules.
 */
export function Sheet({ content, choice, timelineOf, Formula }: SheetProps) {
  const { title, credits, question, sections } = content;
  const style = { ...choice, format: content.format };
  const lines = (some: readonly Line[]) =>
    some.map((line, place) => (
      <div key={place}>
        {line.parts.length > 0 && (
          <div className="sheet-formula" data-length={lengthOf(linePlain(line, style))}>
            <Formula latex={lineLatex(line, style)} plain={linePlain(line, style)} />
          </div>
        )}
        {line.note !== undefined && <div className="sheet-note">{line.note}</div>}
      </div>
    ));
  return (
    <article className="sheet" aria-label="Hand-in sheet">
      <header className="sheet-head">
        <h2>{title}</h2>
        <p>{credits.join(" · ")}</p>
      </header>
      {question !== "" && (
        <section>
          <h3>Question</h3>
          <p className="sheet-question">{question}</p>
        </section>
      )}
      {sections.map((section, place) => (
        <SectionOf key={place} section={section} timeline={timelineOf(section)} lines={lines} />
      ))}
    </article>
  );
}

interface SectionProps {
  readonly section: SheetSection;
  readonly timeline: ReactNode;
  /** Sets the formulas of some lines. */
  readonly lines: (some: readonly Line[]) => ReactNode;
}

/** One part of the question, from its timeline to its answer. */
function SectionOf({ section, timeline, lines }: SectionProps) {
  const { heading, taken, flows, given, parts, answer, further, comparisons } = section;
  return (
    <>
      {heading !== null && <h2 className="sheet-part">{heading}</h2>}
      <section className="sheet-whole">
        <h3>Timeline</h3>
        <div className="sheet-timeline" role="img" aria-label={flows.join(". ")}>
          {timeline}
        </div>
      </section>
      <section>
        <h3>Given</h3>
        {taken.map((one) => (
          <p key={one} className="sheet-taken">
            {one}
          </p>
        ))}
        <div className="sheet-given">{lines(given.lines)}</div>
      </section>
      <section>
        <h3>Workings</h3>
        {parts.map(({ question: asked, steps, first }) => (
          <Fragment key={first}>
            {asked !== null && <h4>{asked}</h4>}
            <ol className="sheet-steps" start={first}>
              {steps.map((step, index) => (
                <StepOf key={index} number={first + index} step={step} lines={lines(step.lines)} />
              ))}
            </ol>
          </Fragment>
        ))}
      </section>
      <section className="sheet-whole sheet-answer">
        <h3>Answer</h3>
        <p>{answer}</p>
        {further.length > 0 && (
          <dl>
            {further.map((one) => (
              <div key={one.question}>
                <dt>{one.question}</dt>
                <dd>{one.answer}</dd>
              </div>
            ))}
          </dl>
        )}
      </section>
      {comparisons.map((comparison) => (
        <ComparisonOnSheet key={comparison.heading} comparison={comparison} />
      ))}
    </>
  );
}

/** Lines and rows of a step that stands on one page. */
const LONGEST_WHOLE = 5;

interface StepProps {
  readonly number: number;
  readonly step: Step;
  readonly lines: ReactNode;
}

function StepOf({ number, step, lines }: StepProps) {
  const height = step.lines.length + (step.table?.rows.length ?? 0);
  return (
    // A long step may go on over the page; the others stay whole.
    <li className={height > LONGEST_WHOLE ? "sheet-long" : undefined}>
      <span className="sheet-number">{number}.</span>
      <p>{step.say}</p>
      {step.lines.length > 0 && <div className="sheet-lines">{lines}</div>}
      {step.table !== undefined && <StepFigures table={step.table} />}
    </li>
  );
}

/** Formulas do not break in every browser: the longer one is, the smaller it is set. */
function lengthOf(plain: string): "short" | "long" | "very-long" {
  return plain.length <= 80 ? "short" : plain.length <= 130 ? "long" : "very-long";
}
