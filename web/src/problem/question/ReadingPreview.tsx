import {
  answerText,
  followUpWords,
  sentenceOf,
  writeMoney,
  type AnswerFormat,
} from "@kestrelmoor/core";
import type { ToldPart, ToldReading } from "@kestrelmoor/core/question";
import { partsOf, readParts, type Draft } from "@kestrelmoor/core/typing";
import { memo, useMemo } from "react";
import { useAnswerFormat } from "../answer/use-answer-format";
import { missingWords } from "../answer/missing-words";
import { sketchOf } from "../timeline/sketch";
import { sketchInWords } from "../timeline/timeline-words";
import { RateConverted, RatesCompared } from "./RatesRead";
import styles from "./Question.module.css";

interface ReadingPreviewProps {
  readonly reading: ToldReading;
  /** The same in fields; `null` where it has no problem. */
  readonly draft: Draft | null;
}

/** The lines that a text is read as, part by part, each with its answer. */
export function ReadingPreview({ reading, draft }: ReadingPreviewProps) {
  if (draft !== null) return <PartsRead told={reading.parts} draft={draft} />;
  const { kind, from, to, rates, want } = reading;
  if (kind === "rate" && from !== undefined && to !== undefined)
    return <RateConverted from={from} to={to} />;
  if (kind === "offers" && rates !== undefined) return <RatesCompared rates={rates} want={want} />;
  return kind === "other" ? <p>This is not read as a question about money over time.</p> : null;
}

interface PartsReadProps {
  readonly told: ToldReading["parts"];
  readonly draft: Draft;
}

/** Solved and drawn again only where something is read otherwise. */
const PartsRead = memo(function PartsRead({ told, draft }: PartsReadProps) {
  const format = useAnswerFormat();
  const parts = useMemo(() => readParts(draft), [draft]);
  // What a part without an answer lacks stands above.
  const answers = told.flatMap((part) => {
    const text = toldAnswer(part, parts, format);
    return text === "" ? [] : [{ label: part.label, text }];
  });
  return (
    <>
      {parts.map((part, index) => (
        <PartRead
          key={part.place.label}
          part={part}
          isOnly={parts.length === 1}
          own={partsOf(draft)[index] ?? draft}
        />
      ))}
      <ul className={styles.answers}>
        {answers.map(({ label, text }, index) => (
          <li key={label ?? index}>
            {label !== undefined && `(${label}) `}
            {text}
          </li>
        ))}
      </ul>
    </>
  );
});

interface PartReadProps {
  readonly part: Outcome;
  readonly own: Draft;
  readonly isOnly: boolean;
}

function PartRead({ part, own, isOnly }: PartReadProps) {
  const format = useAnswerFormat();
  const sketch = sketchOf(own, part, format);
  return (
    <section className={styles.part}>
      {!isOnly && <h2 className={styles.label}>Lines of part ({part.place.label})</h2>}
      <ul className={styles.flows}>
        {sketchInWords(sketch, format).map(({ id, text }) => (
          <li key={id}>{text}</li>
        ))}
        {sketch.ribbons.map(({ id, isUnknown, text }) => (
          <li key={id}>
            {isUnknown ? "The unknown rate" : "Rate"}: {text}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The answer of a part: of the problem that it is, or of a follow-up of an earlier one. */
function toldAnswer(
  { label, follow }: ToldPart,
  parts: readonly Outcome[],
  format: AnswerFormat,
): string {
  const own = parts.find(({ place }) => place.label === label) ?? parts[0];
  if (follow === undefined) return own === undefined ? "" : answerWords(own, format);
  const source = parts.find(({ problem }) => (problem?.also?.length ?? 0) > follow);
  const question = source?.problem?.also?.[follow];
  const value = source?.solved?.also[follow] ?? null;
  if (!source?.problem || question === undefined || value === null) return "";
  return `${followUpWords(question, source.problem, format)}: ${writeMoney(value, format)}`;
}

type Outcome = ReturnType<typeof readParts>[number];

function answerWords({ problem, result, reading }: Outcome, format: AnswerFormat): string {
  if (problem === null || result === null) return missingWords(reading.issues, format);
  if (result.ok) return answerText(result.value, format);
  const [first] = result.issues;
  return first === undefined ? "" : sentenceOf(first, format);
}
