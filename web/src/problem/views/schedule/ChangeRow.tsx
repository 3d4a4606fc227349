import { formatExact, type Schedule } from "@kestrelmoor/core";
import {
  chooseInChange,
  removeChange,
  writeChangeField,
  type ChangeChoice,
  type ChangeField,
  type ChangeLine,
  type ChangeReading,
} from "@kestrelmoor/core/typing";
import type { ReactNode } from "react";
import { CrossIcon } from "../../../ui/CrossIcon";
import { InkChoice, type InkChoiceProps } from "../../../ui/InkChoice";
import { fieldId } from "../../lines/field-id";
import { TypedField } from "../../lines/TypedField";
import { useFieldEditing } from "../../lines/use-line-editing";
import { CHANGE_KINDS } from "./change-kinds";
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
  const name = CHANGE_KINDS[line.kind].chosen;
  return (
    <li aria-label={name}>
      <ChangeWords {...{ line, reading, isSaving: kind === "saving" }} />
      <button
        type="button"
        className="drop-button"
        aria-label={`Remove: ${name}`}
        title="Remove this change"
        onClick={() => change((draft) => removeChange(draft, line.id))}
      >
        <CrossIcon />
      </button>
      {complaint !== null && <span className={styles.complaint}>{complaint}</span>}
    </li>
  );
}

interface ChangeWordsProps {
  readonly line: ChangeLine;
  readonly reading: ChangeReading;
  readonly isSaving: boolean;
}

function ChangeWords({ line, reading, isSaving }: ChangeWordsProps): ReactNode {
  const part = { line, reading };
  switch (line.kind) {
    case "extra":
      return (
        <>
          {isSaving ? "Put in" : "Pay"} <Typed {...part} field="amount" name="Extra" hint="100" />{" "}
          extra{" "}
          <Chosen
            id={line.id}
            label="How often"
            value={line.often}
            options={[
              ["payment", "with every payment"],
              ["year", "once a year"],
              ["once", "once"],
            ]}
            choice={(often) => ({ often })}
          />
          {line.often === "once" ? "with" : "from"} payment{" "}
          <Typed {...part} field="from" name="First payment with the extra" hint="1" />
          {line.often !== "once" && (
            <>
              {" "}
              to <Typed {...part} field="to" name="Last payment with the extra" hint="the end" />
            </>
          )}
        </>
      );
    case "round-up":
      return (
        <>
          Each payment is rounded up to a multiple of{" "}
          <Typed {...part} field="multiple" name="Multiple" hint="10" />
        </>
      );
    case "interest-only":
    case "holiday":
      return (
        <>
          {line.kind === "holiday" ? "Nothing" : "Only the interest"} is{" "}
          {isSaving ? "put in" : "paid"} for{" "}
          <Typed {...part} field="lasts" name="For how long" hint="6 payments" /> from payment{" "}
          <Typed {...part} field="from" name="First payment of the change" hint="13" />
          on,{line.kind === "holiday" && " while interest runs on,"}{" "}
          <Then {...{ line, isSaving }} />
        </>
      );
    case "rate":
      return (
        <>
          The rate is <Typed {...part} field="percent" name="New rate" hint="6.25%" /> from payment{" "}
          <Typed {...part} field="from" name="First payment at the new rate" hint="13" />
          on, <Then {...{ line, isSaving }} />
        </>
      );
    case "fee":
      return (
        <>
          A fee of <Typed {...part} field="amount" name="Fee" hint="250" /> at the start
          {!isSaving && (
            <Chosen
              id={line.id}
              label="How the fee is paid"
              value={line.paid}
              options={[
                ["at-once", "paid at once"],
                ["added", "added to what is owed"],
              ]}
              choice={(paid) => ({ paid })}
            />
          )}
        </>
      );
    case "residual":
      return (
        <>
          A residual of <Typed {...part} field="amount" name="Residual" hint="5,000" /> is left to
          the end, and the payment is reset to leave it
        </>
      );
  }
}

interface TypedProps {
  readonly line: ChangeLine;
  readonly reading: ChangeReading;
  readonly field: ChangeField;
  readonly name: string;
  readonly hint: string;
}

function Typed({ line, reading, field, name, hint }: TypedProps) {
  const { type, leave } = useFieldEditing();
  const text = field in line ? line[field as keyof ChangeLine] : "";
  const own = reading.fields[field];
  return (
    <>
      <TypedField
        id={fieldId(line.id, field)}
        name={name}
        text={text}
        hint={hint}
        isKnown
        reading={own ?? NOTHING_SAID}
        onType={(typed) =>
          type(`${line.id}-${field}`, (draft) => writeChangeField(draft, line.id, field, typed))
        }
        onLeave={leave}
      />
      {own?.state === "value" && !/^\d+$/.test(text.trim()) && (
        <span className={styles.meant}>{meantWords(field, own.value)}</span>
      )}
    </>
  );
}

/** An empty end of a span is no mistake. */
const NOTHING_SAID = { state: "value", value: null } as const;

/** Which payments are meant, where they are said as a time. */
function meantWords(field: ChangeField, value: number): string | null {
  const number = formatExact(value);
  if (field === "lasts") return ` = ${number} ${value === 1 ? "payment" : "payments"}`;
  return field === "from" || field === "to" ? ` = payment ${number}` : null;
}

interface ThenProps {
  readonly line: Extract<ChangeLine, { readonly then: unknown }>;
  readonly isSaving: boolean;
}

function Then({ line, isSaving }: ThenProps) {
  return (
    <Chosen
      id={line.id}
      label="What becomes of the payments"
      value={line.then}
      options={
        isSaving
          ? [
              ["reset", "then deposits reach the same end"],
              ["kept", "then deposits stay as they are"],
            ]
          : [
              ["reset", "then payments are reset to end in time"],
              ["kept", "then payments stay as they are"],
            ]
      }
      choice={(then) => ({ then })}
    />
  );
}

interface ChosenProps<Value extends string> extends Omit<InkChoiceProps<Value>, "onChoose"> {
  /** Of the change. */
  readonly id: string;
  readonly choice: (value: Value) => ChangeChoice;
}

function Chosen<Value extends string>({ id, choice, ...props }: ChosenProps<Value>) {
  const { change } = useFieldEditing();
  return (
    <InkChoice
      {...props}
      onChoose={(value) => change((draft) => chooseInChange(draft, id, choice(value)))}
    />
  );
}
