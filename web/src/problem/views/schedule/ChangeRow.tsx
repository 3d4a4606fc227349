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
          {isSaving ? "Deposit" : "Pay"}{" "}
          <Typed {...part} field="amount" name="Extra amount" hint="100" /> extra{" "}
          <Chosen
            id={line.id}
            label="Frequency"
            value={line.often}
            options={[
              ["payment", "with every payment"],
              ["year", "once a year"],
              ["once", "once"],
            ]}
            choice={(often) => ({ often })}
          />
          {line.often === "once" ? "with" : "from"} payment{" "}
          <Typed {...part} field="from" name="First payment with the extra amount" hint="1" />
          {line.often !== "once" && (
            <>
              {" "}
              to{" "}
              <Typed
                {...part}
                field="to"
                name="Last payment with the extra amount"
                hint="the end"
              />
            </>
          )}
        </>
      );
    case "round-up":
      return (
        <>
          Round each payment up to a multiple of{" "}
          <Typed {...part} field="multiple" name="Multiple" hint="10" />
        </>
      );
    case "interest-only":
    case "holiday":
      return (
        <>
          {line.kind === "interest-only"
            ? "Pay interest only"
            : isSaving
              ? "Deposit nothing"
              : "Pay nothing"}{" "}
          for <Typed {...part} field="lasts" name="Number of payments" hint="6 payments" />, from
          payment <Typed {...part} field="from" name="First payment of the change" hint="13" />
          {line.kind === "holiday" && "; interest accrues"}, <Then {...{ line, isSaving }} />
        </>
      );
    case "rate":
      return (
        <>
          Change the rate to <Typed {...part} field="percent" name="New rate" hint="6.25%" /> from
          payment <Typed {...part} field="from" name="First payment at the new rate" hint="13" />,{" "}
          <Then {...{ line, isSaving }} />
        </>
      );
    case "fee":
      return (
        <>
          Upfront fee of <Typed {...part} field="amount" name="Fee" hint="250" />
          {!isSaving && ", "}
          {!isSaving && (
            <Chosen
              id={line.id}
              label="How the fee is paid"
              value={line.paid}
              options={[
                ["at-once", "paid separately"],
                ["added", "added to the loan"],
              ]}
              choice={(paid) => ({ paid })}
            />
          )}
        </>
      );
    case "residual":
      return (
        <>
          Balloon payment of <Typed {...part} field="amount" name="Balloon payment" hint="5,000" />{" "}
          at the end; the payments are recalculated
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

/** An empty end of a span is valid. */
const NOTHING_SAID = { state: "value", value: null } as const;

/** The payment numbers, if they are typed as a time. */
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
      label="Effect on the payments"
      value={line.then}
      options={
        isSaving
          ? [
              ["reset", "then recalculate the deposits to reach the same goal"],
              ["kept", "then keep the deposits"],
            ]
          : [
              ["reset", "then recalculate the payments to keep the term"],
              ["kept", "then keep the payments"],
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
