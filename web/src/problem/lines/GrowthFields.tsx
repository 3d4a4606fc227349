import type { Draft, StreamLine, StreamReading } from "@kestrelmoor/core/typing";
import { fieldId } from "./field-id";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

type Growth = NonNullable<StreamLine["growth"]>;

interface GrowthFieldsProps {
  readonly id: string;
  readonly index: number;
  readonly growth: Growth;
  readonly reading: NonNullable<StreamReading["growth"]>;
  /** What the growth was found to be, in words. */
  readonly found: string | null;
}

/** By how much the payments of a line grow, and how often. */
export function GrowthFields({ id, index, growth, reading, found }: GrowthFieldsProps) {
  const { type, leave, makeUnknown, change } = useFieldEditing();
  const edit = (recipe: (own: Growth) => void) => (draft: Draft) => {
    const stream = draft.flows[index];
    if (stream?.kind === "stream" && stream.growth !== null) recipe(stream.growth);
  };
  const write = (key: "figure" | "every") => (text: string) =>
    type(
      `${id}-growth-${key}`,
      edit((own) => {
        own[key] = text;
      }),
    );
  return (
    <>
      growing by
      <TypedField
        id={fieldId(id, "growth")}
        name="Growth, as a percentage or an amount"
        text={growth.figure}
        hint="3%"
        term="growth"
        reading={reading.figure}
        found={found}
        isEmphasised
        onType={write("figure")}
        onUnknown={() => makeUnknown(["flows", index, "growth", growth.by])}
        onLeave={leave}
      />
      {/\d$/.test(growth.figure.trim()) && (
        <button
          type="button"
          className={styles.direction}
          aria-label={
            growth.by === "percent"
              ? "Grows by a percentage. Switch to a fixed amount."
              : "Grows by a fixed amount. Switch to a percentage."
          }
          onClick={() =>
            change(
              edit((own) => {
                own.by = own.by === "percent" ? "amount" : "percent";
              }),
            )
          }
        >
          {growth.by === "percent" ? "%" : "in money"}
        </button>
      )}
      every
      <TypedField
        id={fieldId(id, "growth-every")}
        name="Growth frequency"
        text={growth.every}
        hint="year"
        reading={reading.every}
        onType={write("every")}
        onLeave={leave}
      />
    </>
  );
}
