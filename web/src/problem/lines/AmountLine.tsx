import { useAnswerFormat } from "../answer/use-answer-format";
import { memo } from "react";
import { writeMoney, formatYears, paidSingle } from "@kestrelmoor/core";
import { removeFlow, type SingleLine } from "@kestrelmoor/core/typing";
import { useDocumentState } from "../document/document-context";
import { yearsTyped } from "../timeline/sketch-types";
import { DirectionButton } from "./DirectionButton";
import { EndAsked } from "./EndAsked";
import { fieldId } from "./field-id";
import { saidAmountHint, timeHint } from "./line-hints";
import { LineFrame } from "./LineFrame";
import { LineMenu } from "./LineMenu";
import { nudgedTime } from "./nudge";
import { LineNote } from "./LineNote";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";

/** One amount at one time, as a sentence. */
export const AmountLine = memo(function AmountLine({
  line,
  index,
}: {
  readonly line: SingleLine;
  readonly index: number;
}) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.flows[index]);
  const rates = useDocumentState((state) => state.outcome.reading.rates);
  const settled = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true ? paidSingle(result.value, index) : null,
  );
  const { type, leave, makeUnknown, change } = useFieldEditing();
  if (reading?.kind !== "single") return null;
  const { id, direction } = line;
  const write = (key: "amount" | "at", text: string) =>
    type(`${id}-${key}`, (draft) => {
      const own = draft.flows[index];
      if (own?.kind === "single") own[key] = text;
    });
  const years = settled?.at ?? yearsTyped(reading.at);
  const isToday = yearsTyped(reading.at) === 0;
  const isWaiting = reading.at.state === "value" && "endOf" in reading.at.value;
  const hints = [
    saidAmountHint(line.amount, reading.amount, settled?.amount ?? null, format),
    years === null ? null : timeHint(years, rates, format),
  ];
  const name = `Money ${direction}${line.label === "" ? "" : `, ${line.label}`}`;
  return (
    <LineFrame
      mark={direction}
      name={name}
      hint={hints.filter((hint) => hint !== null).join(" · ")}
      note={<LineNote id={id} index={index} label={line.label} />}
      menu={<LineMenu id={id} index={index} name={name} firstField="amount" />}
      asked={<EndAsked id={id} direction={direction} />}
      onRemove={() => change((draft) => removeFlow(draft, id))}
    >
      Money
      <DirectionButton id={id} direction={direction} />
      <TypedField
        id={fieldId(id, "amount")}
        name={`Amount of money ${direction}`}
        text={line.amount}
        hint="amount"
        term="amount"
        reading={reading.amount}
        found={settled === null ? null : writeMoney(Math.abs(settled.amount), format)}
        isEmphasised
        onType={(text) => write("amount", text)}
        onUnknown={() => makeUnknown(["flows", index, "amount"])}
        onLeave={leave}
      />
      {isToday || isWaiting ? "once," : "once, after"}
      <TypedField
        id={fieldId(id, "at")}
        name="When"
        text={line.at}
        hint="time"
        term="at"
        onNudge={(nudge) => nudgedTime(reading.at, nudge)}
        reading={reading.at}
        found={settled === null ? null : formatYears(settled.at, format)}
        isEmphasised
        onType={(text) => write("at", text)}
        onUnknown={() => makeUnknown(["flows", index, "at"])}
        onLeave={leave}
      />
    </LineFrame>
  );
});
