import { useAnswerFormat } from "../answer/use-answer-format";
import {
  removeFlow,
  type DatedLine as Dated,
  type Draft,
  type ListLine as Listed,
} from "@kestrelmoor/core/typing";
import { memo } from "react";
import { useDocumentState } from "../document/document-context";
import { AmountsFromFile } from "./AmountsFromFile";
import { BeginsField } from "./BeginsField";
import { fieldId } from "./field-id";
import { LineFrame } from "./LineFrame";
import { LineMenu } from "./LineMenu";
import { LineNote } from "./LineNote";
import { listHint } from "./list-hints";
import { TypedField } from "./TypedField";
import { TypedList } from "./TypedList";
import { useFieldEditing } from "./use-line-editing";

/** Uneven amounts at even intervals, as a sentence and a list. */
export const ListLine = memo(function ListLine({
  line,
  index,
}: {
  readonly line: Listed;
  readonly index: number;
}) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.flows[index]);
  const settled = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true ? result.value.settled.flows[index] : undefined,
  );
  const { type, typeList, leave, change } = useFieldEditing();
  if (reading?.kind !== "list") return null;
  const { id } = line;
  const edit = (recipe: (own: Listed) => void) => (draft: Draft) => {
    const own = draft.flows[index];
    if (own?.kind === "list") recipe(own);
  };
  const write = (key: "every" | "begins") => (text: string) =>
    type(
      `${id}-${key}`,
      edit((own) => {
        own[key] = text;
      }),
    );
  const typeAmounts = (text: string) =>
    typeList(
      `${id}-amounts`,
      line.amounts,
      text,
      edit((list) => {
        list.amounts = text;
      }),
    );
  const name = `Uneven cash flows${line.label === "" ? "" : `, ${line.label}`}`;
  const own = settled?.kind === "list" ? settled : null;
  return (
    <LineFrame
      mark="mixed"
      name={name}
      hint={listHint(reading.amounts, own?.amounts ?? null, format)}
      note={<LineNote id={id} index={index} label={line.label} />}
      menu={<LineMenu id={id} index={index} name={name} firstField="amounts" />}
      onRemove={() => change((draft) => removeFlow(draft, id))}
    >
      One amount every
      <TypedField
        id={fieldId(id, "every")}
        name="Frequency of the amounts"
        text={line.every}
        hint="year"
        term="every"
        reading={reading.every}
        onType={write("every")}
        onLeave={leave}
      />
      starting
      <BeginsField
        id={id}
        index={index}
        name="Date of the first amount"
        text={line.begins}
        reading={reading.begins}
        years={own?.begins ?? null}
        onType={write("begins")}
      />
      :
      <AmountsFromFile as="amounts" onTake={typeAmounts} />
      <TypedList
        id={fieldId(id, "amounts")}
        name="Amounts in order; out for money out, x 3 for three times, a label in quotation marks"
        text={line.amounts}
        hint="out 1,000; 300 x 3; 450"
        term="amounts"
        takesTablesAs="amounts"
        reading={reading.amounts}
        onType={typeAmounts}
        onLeave={leave}
      />
    </LineFrame>
  );
});

/** Amounts on calendar dates. */
export const DatedLine = memo(function DatedLine({
  line,
  index,
}: {
  readonly line: Dated;
  readonly index: number;
}) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.flows[index]);
  const settled = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true ? result.value.settled.flows[index] : undefined,
  );
  const { typeList, leave, change } = useFieldEditing();
  if (reading?.kind !== "dated") return null;
  const { id } = line;
  const typeEntries = (text: string) =>
    typeList(`${id}-entries`, line.entries, text, (draft) => {
      const own = draft.flows[index];
      if (own?.kind === "dated") own.entries = text;
    });
  const name = `Amounts on dates${line.label === "" ? "" : `, ${line.label}`}`;
  const amounts =
    reading.entries.state === "value"
      ? {
          state: "value" as const,
          value: reading.entries.value.map(({ amount }) => amount),
        }
      : reading.entries;
  const found = settled?.kind === "dated" ? settled.entries.map(({ amount }) => amount) : null;
  return (
    <LineFrame
      mark="mixed"
      name={name}
      hint={listHint(amounts, found, format)}
      note={<LineNote id={id} index={index} label={line.label} />}
      menu={<LineMenu id={id} index={index} name={name} firstField="entries" />}
      onRemove={() => change((draft) => removeFlow(draft, id))}
    >
      Amounts on dates, starting today:
      <AmountsFromFile as="dated" onTake={typeEntries} />
      <TypedList
        id={fieldId(id, "entries")}
        name="Dates and amounts in order; out for money out"
        text={line.entries}
        hint="2027-03-01 out 1,000; 2027-09-15 300"
        term="entries"
        takesTablesAs="dated"
        reading={reading.entries}
        onType={typeEntries}
        onLeave={leave}
      />
    </LineFrame>
  );
});
