import { useAnswerFormat } from "../answer/use-answer-format";
import { formatYears } from "@kestrelmoor/core";
import type { FieldReading, SaidTime } from "@kestrelmoor/core/typing";
import { fieldId } from "./field-id";
import { nudgedTime } from "./nudge";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";

interface BeginsFieldProps {
  readonly id: string;
  readonly index: number;
  /** What begins, for those who do not see the sentence. */
  readonly name: string;
  readonly text: string;
  readonly reading: FieldReading<SaidTime>;
  /** When it was found to begin. */
  readonly years: number | null;
  readonly onType: (text: string) => void;
}

/** When the payments or amounts of a line begin. */
export function BeginsField({ id, index, name, text, reading, years, onType }: BeginsFieldProps) {
  const format = useAnswerFormat();
  const { leave, makeUnknown } = useFieldEditing();
  return (
    <TypedField
      id={fieldId(id, "begins")}
      name={name}
      text={text}
      hint="time"
      term="begins"
      onNudge={(nudge) => nudgedTime(reading, nudge)}
      reading={reading}
      found={years === null ? null : formatYears(years, format)}
      onType={onType}
      onUnknown={() => makeUnknown(["flows", index, "begins"])}
      onLeave={leave}
    />
  );
}
