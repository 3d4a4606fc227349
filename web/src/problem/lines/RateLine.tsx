import { useShownState } from "../answer/covered";
import { quotationWords } from "@kestrelmoor/core";
import { useAnswerFormat } from "../answer/use-answer-format";
import {
  AS_PAID,
  fieldsOfRate,
  quotationKey,
  readingsOfRate,
  removeRate,
  setQuotation,
  ownQuotation,
  takesUp,
  tidyRateLine,
  type TypedRateLine,
} from "@kestrelmoor/core/typing";
import { memo, useMemo } from "react";
import { useDocumentState } from "../document/document-context";
import { CompoundingAsked } from "./CompoundingAsked";
import {
  asPaidWords,
  foundPercents,
  keptRateHint,
  linkedHint,
  quotationOptions,
  rateHint,
} from "./line-hints";
import { LineField } from "./LineField";
import { LineFrame } from "./LineFrame";
import { PaymentAsked } from "./PaymentAsked";
import { Explained } from "./explain/Explained";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

/** What takes up the rate of another part is quoted as it is there, unless words behind it say otherwise. */
function quotedAs({ percent, quoted, compounding }: TypedRateLine): string {
  const [reference = percent] =
    /^.*\([a-z0-9]{1,8}\)(?:\s*[-+]\s*[\d.]+\s*%?)?/i.exec(percent) ?? [];
  return `${reference} ${quotationWords(ownQuotation({ quoted, compounding }))}`;
}

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
  const solution = useShownState(({ outcome: { solved } }) =>
    solved?.unknown.kind === "percent" ? solved : null,
  );
  const linked = useShownState(
    ({ outcome: { solved } }) => solved?.settled.spells[index]?.percent ?? null,
  );
  const found = foundPercents(solution, index);
  const { type, leave, change } = useFieldEditing();
  const quotation = reading?.kind === "rate" ? reading.quotation : null;
  const flows = useDocumentState((state) => state.draft.flows);
  const asPaid = asPaidWords(flows);
  const options = useMemo(
    () => (quotation === null ? [] : quotationOptions(quotation, asPaid)),
    [quotation, asPaid],
  );
  if (reading?.kind !== "rate") return null;
  const key =
    reading.quotation.quoted === "nominal" && reading.compoundedBy === "payments"
      ? AS_PAID
      : quotationKey(reading.quotation);
  const { id } = line;
  const edit = (recipe: (own: TypedRateLine) => void) => (draft: { rates: unknown[] }) => {
    const own = draft.rates[index] as TypedRateLine | undefined;
    if (own?.kind === "rate") recipe(own);
  };

  const fields = fieldsOfRate(line, index);
  const came = readingsOfRate(reading, index);
  const field = (name: "percent" | "from", onLeave?: () => void) => {
    const own = fields.find((one) => one.name === name);
    const its = came.find(({ ref }) => ref.field === name);
    return own === undefined || its === undefined ? null : (
      <LineField field={own} came={its} solution={solution} {...(onLeave && { onLeave })} />
    );
  };

  /** Words about the quotation that were typed beside the figure move to their own place. */
  const leaveWithWords = () => {
    leave();
    change(edit((own) => tidyRateLine(own, index)));
  };

  // The arrow keys go through the list one by one: all of that is one step to undo.
  const choose = (chosen: string) =>
    type(
      `${id}-quotation`,
      edit((own) => {
        tidyRateLine(own, index);
        setQuotation(own, chosen);
        if (takesUp(own.percent)) own.percent = quotedAs(own);
      }),
    );

  return (
    <LineFrame
      mark="rate"
      place={`rate ${index}`}
      name={index === 0 ? "the rate" : "the rate change"}
      hint={[
        keptRateHint(line.percent, reading, format),
        linkedHint(reading, linked, format),
        rateHint(reading, found[0] ?? linked, format),
      ]
        .filter((part) => part !== null)
        .join(" · ")}
      asked={
        <>
          <CompoundingAsked reading={reading} onEdit={(recipe) => change(edit(recipe))} />
          {index === 1 && <PaymentAsked />}
        </>
      }
      {...(isOnly ? {} : { onRemove: () => change((draft) => removeRate(draft, id)) })}
    >
      Rate
      {field("percent", leaveWithWords)}
      {/* A figure that is asked about has no sign: it would be the answer. */}
      {reading.percent.state === "value" && /\d$/.test(line.percent.trim()) && "% "}
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
          {field("from")}
        </>
      )}
    </LineFrame>
  );
});
