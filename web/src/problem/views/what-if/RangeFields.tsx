import { useTimesSaid } from "../../document/use-times-said";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { sentenceOf } from "@kestrelmoor/core";
import { readFigure } from "@kestrelmoor/core/typing";
import type { SweepField } from "./sweep-fields";
import { InkChoice } from "../../../ui/InkChoice";
import styles from "./WhatIf.module.css";

/** A field and its range as they are chosen and typed. */
export interface TypedRange {
  readonly key: string;
  readonly from: string;
  readonly to: string;
}

interface RangeFieldsProps {
  /** What the choice is for, for those who do not see the sentence: "first", "second". */
  readonly which: string;
  readonly fields: readonly SweepField[];
  readonly chosen: TypedRange;
  readonly unit: SweepField["unit"];
  readonly onChoose: (key: string) => void;
  readonly onType: (range: TypedRange) => void;
}

/** "the rate, from 3% to 9%": which figure is varied, and between which ends. */
export function RangeFields(props: RangeFieldsProps) {
  const format = useAnswerFormat();
  const said = useTimesSaid();
  const { which, fields, chosen, unit, onChoose, onType } = props;
  const end = (key: "from" | "to") => {
    const read = readFigure(chosen[key], unit, said);
    return (
      <input
        className="ink-field"
        aria-label={`${key === "from" ? "From" : "To"}, ${which} range`}
        aria-invalid={!read.ok}
        title={read.ok ? undefined : sentenceOf(read.issues[0] ?? NOT_A_FIGURE, format)}
        size={Math.max(5, chosen[key].length)}
        maxLength={40}
        value={chosen[key]}
        onChange={({ target: { value } }) => onType({ ...chosen, [key]: value })}
      />
    );
  };
  return (
    <>
      <InkChoice
        label={`The ${which} input to vary`}
        value={chosen.key}
        options={fields.map(({ key, name }) => [key, name] as const)}
        onChoose={onChoose}
      />
      <span className={styles.phrase}>
        varies from {end("from")} to {end("to")}
      </span>
    </>
  );
}

const NOT_A_FIGURE = { code: "money-missing", path: [] } as const;
