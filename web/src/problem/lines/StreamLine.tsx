import { useAnswerFormat } from "../answer/use-answer-format";
import {
  writeFigure,
  writeMoney,
  writeRate,
  eachPeriod,
  toldCount,
  frequencyWords,
  type AnswerFormat,
} from "@kestrelmoor/core";
import {
  removeFlow,
  setGrowth,
  type Draft,
  type StreamLine as Line,
} from "@kestrelmoor/core/typing";
import { memo } from "react";
import { useDocumentState } from "../document/document-context";
import { BeginsField } from "./BeginsField";
import { DirectionButton } from "./DirectionButton";
import { fieldId } from "./field-id";
import { GrowthFields } from "./GrowthFields";
import { LineFrame } from "./LineFrame";
import { LineMenu } from "./LineMenu";
import { Explained } from "./explain/Explained";
import { nudgedCount } from "./nudge";
import { LineNote } from "./LineNote";
import { streamHint } from "./stream-hints";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

type Fact = "amount" | "every" | "count" | "begins";

/** Repeated payments, as a sentence. */
export const StreamLine = memo(function StreamLine({
  line,
  index,
}: {
  readonly line: Line;
  readonly index: number;
}) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.flows[index]);
  const solution = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true ? result.value : null,
  );
  const { type, leave, makeUnknown, change } = useFieldEditing();
  if (reading?.kind !== "stream") return null;
  const { id, growth } = line;
  const settled = solution?.settled.flows[index];
  const own = settled?.kind === "stream" ? settled : null;

  const edit = (recipe: (stream: Line) => void) => (draft: Draft) => {
    const stream = draft.flows[index];
    if (stream?.kind === "stream") recipe(stream);
  };
  const write = (key: Fact) => (text: string) =>
    type(
      `${id}-${key}`,
      edit((stream) => {
        stream[key] = text;
      }),
    );
  const noun =
    reading.every.state === "value" ? frequencyWords(reading.every.value).noun : "period";
  const other = line.timing === "end" ? "start" : "end";
  const name = `Repeated money ${line.direction}${line.label === "" ? "" : `, ${line.label}`}`;
  return (
    <LineFrame
      mark={line.direction}
      name={name}
      hint={streamHint(line, reading, solution, format)}
      note={<LineNote id={id} index={index} label={line.label} />}
      menu={
        <LineMenu
          id={id}
          index={index}
          name={name}
          firstField="amount"
          actions={[
            {
              words: growth === null ? "Add growth" : "Remove growth",
              act: (draft) => setGrowth(draft, id, growth === null),
            },
          ]}
        />
      }
      onRemove={() => change((draft) => removeFlow(draft, id))}
    >
      Money
      <DirectionButton id={id} direction={line.direction} />
      <TypedField
        id={fieldId(id, "amount")}
        name={`Amount of each payment of money ${line.direction}`}
        text={line.amount}
        hint="amount"
        term="amount"
        reading={reading.amount}
        found={own === null ? null : writeMoney(Math.abs(own.amount), format)}
        isEmphasised
        onType={write("amount")}
        onUnknown={() => makeUnknown(["flows", index, "amount"])}
        onLeave={leave}
      />
      every
      <TypedField
        id={fieldId(id, "every")}
        name="Payment frequency"
        text={line.every}
        hint="month"
        term="every"
        reading={reading.every}
        onType={write("every")}
        onLeave={leave}
      />
      for
      <TypedField
        id={fieldId(id, "count")}
        name="Number of payments or time"
        text={line.count}
        hint="how many"
        term="count"
        onNudge={(nudge) => nudgedCount(reading.count, reading.every, line.count, nudge)}
        reading={reading.count}
        found={
          own === null || !Number.isFinite(own.count)
            ? null
            : `${writeFigure(toldCount(own.count, solution?.facts.wholePayments), format, 2)} payments`
        }
        isEmphasised
        onType={write("count")}
        onUnknown={() => makeUnknown(["flows", index, "count"])}
        onLeave={leave}
      />
      <span className={styles.phrase}>
        at the
        <Explained term="timing">
          <button
            type="button"
            className={styles.direction}
            aria-label={`${line.timing === "end" ? "Ordinary annuity" : "Annuity due"}: paid at the ${line.timing} of ${eachPeriod(noun)}. Switch to the ${other} (${other === "end" ? "ordinary annuity" : "annuity due"}).`}
            onClick={() =>
              change(
                edit((stream) => {
                  stream.timing = other;
                }),
              )
            }
          >
            {line.timing}
          </button>
        </Explained>
        of each {noun},
      </span>
      from
      <BeginsField
        id={id}
        index={index}
        name="Start of the first period"
        text={line.begins}
        reading={reading.begins}
        years={own?.begins ?? null}
        onType={write("begins")}
      />
      {growth !== null && reading.growth !== null && (
        <GrowthFields
          id={id}
          index={index}
          growth={growth}
          reading={reading.growth}
          found={foundGrowth(own, format)}
        />
      )}
    </LineFrame>
  );
});

function foundGrowth(
  own: { readonly growth: { by: "percent" | "amount"; figure: number } | null } | null,
  format: AnswerFormat,
): string | null {
  if (own?.growth === undefined || own.growth === null) return null;
  const { by, figure } = own.growth;
  return by === "percent" ? writeRate(figure, format) : writeMoney(Math.abs(figure), format);
}
