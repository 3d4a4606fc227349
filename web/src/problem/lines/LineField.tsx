import type { FieldName, SolvedProblem } from "@kestrelmoor/core";
import type { DraftField, DraftTextReading } from "@kestrelmoor/core/typing";
import { useAnswerFormat } from "../answer/use-answer-format";
import { fieldId } from "./field-id";
import { foundWords } from "./found-words";
import { nudgedText } from "./nudge";
import type { TakenAs } from "./take-table";
import { TypedField } from "./TypedField";
import { TypedList } from "./TypedList";
import { useFieldEditing } from "./use-line-editing";

interface LineFieldProps {
  readonly field: DraftField;
  /** What its text came to. */
  readonly came: DraftTextReading;
  readonly solution: SolvedProblem | null;
  /** How often money is paid on its line, ISO 8601. */
  readonly every?: string | null;
  /** What else is done when somebody leaves it. */
  readonly onLeave?: () => void;
}

/** Fields that go without saying: they have a usual value, and do not call for the eye. */
const QUIET: ReadonlySet<FieldName> = new Set(["every", "begins", "growth-every"]);

/** The fields of many amounts, and what a table pasted into them is turned into. */
const LISTS: Readonly<Partial<Record<FieldName, TakenAs>>> = {
  amounts: "amounts",
  entries: "dated",
};

/** A field of a line, as the catalogue of fields has it, where it is typed. */
export function LineField({ field, came, solution, every = null, onLeave }: LineFieldProps) {
  const format = useAnswerFormat();
  const { typeIn, typeList, makeUnknown, leave } = useFieldEditing();
  const { line, name, words, text, unknown } = field;
  const shared = {
    id: fieldId(line, name),
    name: words.label,
    hint: words.hint,
    term: name,
    text,
    reading: came.reading,
    onLeave: onLeave ?? leave,
  };
  const takesTablesAs = LISTS[name];
  if (takesTablesAs !== undefined) {
    return (
      <TypedList
        {...shared}
        takesTablesAs={takesTablesAs}
        onType={(typed) => typeList(field, typed)}
      />
    );
  }
  return (
    <TypedField
      {...shared}
      found={foundWords(solution, field.ref, format)}
      isEmphasised={!QUIET.has(name)}
      takes={came.unit}
      onNudge={(nudge) => nudgedText(came, text, every, nudge)}
      onType={(typed) => typeIn(field, typed)}
      {...(unknown === null ? {} : { onUnknown: () => makeUnknown(unknown.ref) })}
    />
  );
}
