import { formatExact, type Schedule } from "@kestrelmoor/core";
import {
  CHANGES,
  kindOfChange,
  writeInChange,
  type ChangeChoice,
  type ChangeField,
  type ChangeLine,
  type ChangeReading,
} from "@kestrelmoor/core/typing";
import { InkChoice } from "../../../ui/InkChoice";
import { EntryText } from "../../lines/EntryText";
import { Sentence } from "../../lines/Sentence";
import { useFieldEditing } from "../../lines/use-line-editing";
import { DropButton } from "../../../ui/Buttons";
import styles from "./Changes.module.css";

interface ChangeRowProps {
  readonly line: ChangeLine;
  readonly reading: ChangeReading;
  readonly kind: Schedule["kind"];
  /** Why it cannot be made beside the others. */
  readonly complaint: string | null;
}

/** One change, as a sentence with its figures in it. */
export function ChangeRow({ line, reading, kind, complaint }: ChangeRowProps) {
  const { change } = useFieldEditing();
  const { name, typed, words } = kindOfChange(line.kind);
  const isSaving = kind === "saving";
  const texts = line as unknown as Readonly<Record<string, string>>;
  return (
    <li aria-label={name}>
      <Sentence
        words={words(texts, isSaving)}
        part={(part) =>
          part in typed ? (
            <TypedFigure {...{ line, reading }} field={part as ChangeField} />
          ) : (
            <Chosen {...{ line, isSaving }} choice={part as ChangeChoice} />
          )
        }
      />
      <DropButton
        aria-label={`Remove: ${name}`}
        title="Remove this change"
        onClick={() => change((draft) => CHANGES.remove(draft, line.id))}
      />
      {complaint !== null && <span className={styles.complaint}>{complaint}</span>}
    </li>
  );
}

interface TypedFigureProps {
  readonly line: ChangeLine;
  readonly reading: ChangeReading;
  readonly field: ChangeField;
}

function TypedFigure({ line, reading, field }: TypedFigureProps) {
  const figure = kindOfChange(line.kind).typed[field];
  const own = reading.fields[field];
  if (figure === undefined || own === undefined) return null;
  const text = textIn(line, field);
  const meant = own.state === "value" && own.value !== null ? own.value : null;
  return (
    <>
      <EntryText
        of={line.id}
        name={field}
        field={figure}
        text={text}
        reading={own}
        write={(draft, typed) => writeInChange(draft, line.id, field, typed)}
      />
      {meant !== null && !/^\d+$/.test(text.trim()) && (
        <span className={styles.meant}>{meantWords(field, meant)}</span>
      )}
    </>
  );
}

/** The payment numbers, if they are typed as a time. */
function meantWords(field: ChangeField, value: number): string | null {
  const number = formatExact(value);
  if (field === "lasts") return ` = ${number} ${value === 1 ? "payment" : "payments"}`;
  return field === "from" || field === "to" ? ` = payment ${number}` : null;
}

function textIn(line: ChangeLine, name: string): string {
  return (line as unknown as Readonly<Record<string, string>>)[name] ?? "";
}

interface ChosenProps {
  readonly line: ChangeLine;
  readonly choice: ChangeChoice;
  readonly isSaving: boolean;
}

function Chosen({ line, choice, isSaving }: ChosenProps) {
  const { change } = useFieldEditing();
  const own = kindOfChange(line.kind).chosen[choice];
  if (own === undefined) return null;
  const { label, options, words } = own;
  return (
    <InkChoice
      label={label}
      value={textIn(line, choice)}
      options={options.map((option) => [option, words(option, isSaving)] as const)}
      onChoose={(option) => change((draft) => writeInChange(draft, line.id, choice, option))}
    />
  );
}
