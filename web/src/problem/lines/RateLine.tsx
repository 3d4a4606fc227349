import { useAnswerFormat } from "../answer/use-answer-format";
import { writeRate } from "@kestrelmoor/core";
import {
  quotationKey,
  removeRate,
  setQuotation,
  type TypedRateLine,
} from "@kestrelmoor/core/typing";
import { memo, useMemo } from "react";
import { useDocumentState } from "../document/document-context";
import { fieldId } from "./field-id";
import { foundPercents, linkedHint, quotationOptions, rateHint } from "./line-hints";
import { LineFrame } from "./LineFrame";
import { Explained } from "./explain/Explained";
import { nudgedTime } from "./nudge";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

/** A rate and how it is quoted; after the first, also from when on it holds. */
export const RateLine = memo(function RateLine({
  line,
  index,
}: {
  readonly line: TypedRateLine;
  readonly index: number;
}) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.rates[index]);
  const isOnly = useDocumentState((state) => state.draft.rates.length === 1);
  const solution = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true && result.value.unknown.kind === "percent" ? result.value : null,
  );
  const linked = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true ? (result.value.settled.spells[index]?.percent ?? null) : null,
  );
  const found = foundPercents(solution, index);
  const { type, leave, makeUnknown, change } = useFieldEditing();
  const quotation = reading?.kind === "rate" ? reading.quotation : null;
  const key = quotation === null ? "" : quotationKey(quotation);
  const options = useMemo(
    () => (quotation === null ? [] : quotationOptions(quotation)),
    [quotation],
  );
  if (reading?.kind !== "rate") return null;
  const { id } = line;
  const edit = (recipe: (own: TypedRateLine) => void) => (draft: { rates: unknown[] }) => {
    const own = draft.rates[index] as TypedRateLine | undefined;
    if (own?.kind === "rate") recipe(own);
  };

  /** Words about the quotation that were typed beside the figure move to their own place. */
  const tidy = () => {
    leave();
    const { percent } = reading;
    if (percent.state !== "value" || "plus" in percent.value) return;
    const { figure, quotation: said, yearly } = percent.value;
    if (said === undefined && yearly === undefined) return;
    change(
      edit((own) => {
        own.percent = figure;
        own.quoted = reading.quotation.quoted;
        if ("compounding" in reading.quotation) own.compounding = reading.quotation.compounding;
      }),
    );
  };

  // The arrow keys go through the list one by one: all of that is one step to undo.
  const choose = (chosen: string) =>
    type(
      `${id}-quotation`,
      edit((own) => {
        setQuotation(own, chosen);
        if (reading.percent.state === "value" && "figure" in reading.percent.value) {
          own.percent = reading.percent.value.figure;
        }
      }),
    );

  return (
    <LineFrame
      mark="rate"
      name={index === 0 ? "the rate" : "the rate change"}
      hint={[linkedHint(reading, linked, format), rateHint(reading, found[0] ?? linked, format)]
        .filter((part) => part !== null)
        .join(" · ")}
      {...(isOnly ? {} : { onRemove: () => change((draft) => removeRate(draft, id)) })}
    >
      Rate
      <TypedField
        id={fieldId(id, "percent")}
        name={index === 0 ? "Rate" : "New rate"}
        text={line.percent}
        hint="rate"
        term="percent"
        reading={reading.percent}
        found={
          found.length === 0
            ? null
            : found.map((percent) => writeRate(percent, format)).join(" or ")
        }
        isEmphasised
        onType={(text) =>
          type(
            `${id}-percent`,
            edit((own) => {
              own.percent = text;
            }),
          )
        }
        onUnknown={() => makeUnknown(["rates", index, "percent"])}
        onLeave={tidy}
      />
      {/\d$/.test(line.percent.trim()) && "% "}
      <Explained term="quotation">
        <select
          className={styles.quotation}
          aria-label="Quotation of the rate"
          value={key}
          onChange={({ target: { value } }) => choose(value)}
          onBlur={leave}
        >
          {options.map((group) => (
            <optgroup key={group.label} label={group.label}>
              {group.options.map(({ value, label }) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      </Explained>
      {index > 0 && reading.from !== null && (
        <>
          from
          <TypedField
            id={fieldId(id, "from")}
            name="Start of this rate"
            text={line.from}
            hint="time"
            term="from"
            onNudge={(nudge) => (reading.from === null ? null : nudgedTime(reading.from, nudge))}
            reading={reading.from}
            isEmphasised
            onType={(text) =>
              type(
                `${id}-from`,
                edit((own) => {
                  own.from = text;
                }),
              )
            }
            onLeave={leave}
          />
        </>
      )}
    </LineFrame>
  );
});
