import { type AnswerFormat } from "@kestrelmoor/core";
import { addVariant, fieldAt, type VariantChange } from "@kestrelmoor/core/typing";
import { useDocument } from "../../document/document-context";
import { useView } from "../view-choice";
import { typedFigure, writeFieldFigure, type SweepField } from "./sweep-fields";
import { QuietButton } from "../../../ui/Buttons";
import styles from "./WhatIf.module.css";

interface SliderRowProps {
  readonly field: SweepField;
  readonly stops: readonly number[];
  readonly place: number;
  readonly isMoved: boolean;
  /** The answer there; nothing where the chart itself shows it, `null` where there is none. */
  readonly answer: string | null;
  readonly format: AnswerFormat;
  readonly onPlace: (place: number) => void;
}

/** Moves one figure through its range and tells what comes of it; what is found can be kept. */
export function SliderRow(props: SliderRowProps) {
  const { field, stops, place, isMoved, answer, format, onPlace } = props;
  const store = useDocument();
  const { open } = useView();
  const value = isMoved ? (stops[place] ?? field.value) : field.value;
  const words = writeFieldFigure(value, field.unit, format);
  const { fact } = field;
  const change: VariantChange | null =
    fact === null ? null : { ...fact, text: typedFigure(value, field.unit) };
  const intoProblem = () =>
    store.edit((draft) => {
      if (change !== null) fieldAt(draft, field.ref)?.write(change.text);
    });
  const asVariant = () => {
    if (change === null) return;
    store.edit((draft) => void addVariant(draft, { changes: [change] }));
    open("variants");
  };
  return (
    <>
      <label className={styles.slider}>
        <span>
          {field.name}: <strong>{words}</strong>
        </span>
        <input
          type="range"
          min={0}
          max={stops.length - 1}
          value={place}
          aria-valuetext={words}
          onChange={({ target }) => onPlace(Number(target.value))}
        />
        <output>{answer ?? "no answer"}</output>
      </label>
      {isMoved && change !== null && (
        <div className={styles.actions}>
          <QuietButton onClick={intoProblem}>Use {words} in the problem</QuietButton>
          <QuietButton onClick={asVariant}>Save as a variant</QuietButton>
        </div>
      )}
    </>
  );
}
