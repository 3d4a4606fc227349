import type { Answer, Problem, SweepAxis } from "@kestrelmoor/core";
import { useMemo } from "react";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useTimesSaid } from "../../document/use-times-said";
import { AnswerChart } from "./AnswerChart";
import { readRange } from "./choice";
import { HeatTable } from "./HeatTable";
import { KeepFigures } from "./KeepFigures";
import type { TypedRange } from "./RangeFields";
import { chartValues, isSame, nearest, tableValues } from "./ranges";
import { pointsOf, scaleOf } from "./sweep-points";
import { SliderRow } from "./SliderRow";
import type { SweepField } from "./sweep-fields";
import { sweptValue, writeSwept } from "./swept-answer";
import { useSweep } from "./use-sweep";
import styles from "./WhatIf.module.css";

interface SweepsProps {
  readonly problem: Problem;
  readonly answer: Answer;
  readonly across: SweepField;
  readonly down: SweepField | null;
  readonly first: TypedRange;
  readonly second: TypedRange | null;
  readonly place: number | null;
  readonly onPlace: (place: number) => void;
}

/** The chart of one figure, and beside a second one the table of both; the slider moves along the last of them. */
export function Sweeps(props: SweepsProps) {
  const { problem, answer, across, down, first, second, place, onPlace } = props;
  const format = useAnswerFormat();
  const said = useTimesSaid();
  const acrossRange = useMemo(
    () => readRange(first, across.unit, said),
    [first, across.unit, said],
  );
  const downRange = useMemo(
    () => (second === null || down === null ? null : readRange(second, down.unit, said)),
    [second, down, said],
  );
  const isComplete = acrossRange !== null && (second === null || downRange !== null);

  const slid = down ?? across;
  const slidRange = down === null ? acrossRange : downRange;
  const stops = useMemo(
    () => (slidRange === null ? [] : chartValues(slidRange, slid.unit)),
    [slidRange, slid.unit],
  );
  const present = nearest(stops, slid.value);
  const stop = stops[Math.min(place ?? present, stops.length - 1)] ?? slid.value;
  const downHere = place === null ? (down?.value ?? 0) : stop;

  const chartRequest = useMemo(() => {
    if (!isComplete) return null;
    const axis = axisOf(across, chartValues(acrossRange, across.unit));
    return down === null
      ? { problem, first: axis, second: null }
      : { problem, first: axisOf(down, [downHere]), second: axis };
  }, [isComplete, problem, across, acrossRange, down, downHere]);
  const tableRequest = useMemo(() => {
    if (!isComplete || down === null || downRange === null) return null;
    return {
      problem,
      first: axisOf(down, tableValues(downRange, down.unit, down.value)),
      second: axisOf(across, tableValues(acrossRange, across.unit, across.value)),
    };
  }, [isComplete, problem, across, acrossRange, down, downRange]);
  const chart = useSweep(chartRequest);
  const table = useSweep(tableRequest);

  const scale = useMemo(() => scaleOf([chart, table]), [chart, table]);
  const points = useMemo(() => (chart === null ? [] : pointsOf(chart)), [chart]);
  const writeAnswer = (value: number) => writeSwept(value, answer, format);
  const acrossAt = (x: number) => points.find((point) => isSame(point.x, x)) ?? null;
  const isPresent = down === null || isSame(downHere, down.value);
  const now = { x: across.value, y: sweptValue(answer) };
  const here = down === null && place !== null ? acrossAt(stop) : null;
  const shown = place === null ? now.y : (here?.y ?? null);
  const answerHere = shown === null ? null : writeAnswer(shown);
  const complaint = isComplete
    ? (chart?.complaint ?? null)
    : "The range must run from a smaller to a larger number.";
  const inRange =
    acrossRange !== null && across.value >= acrossRange.from && across.value <= acrossRange.to;
  return (
    <>
      {complaint !== null && <p className={styles.complaint}>{complaint}</p>}
      <AnswerChart
        field={across}
        points={points}
        present={isPresent && inRange ? now : null}
        here={here}
        scale={scale}
        writeAnswer={writeAnswer}
        format={format}
      />
      {stops.length > 1 && (
        <SliderRow
          field={slid}
          stops={stops}
          place={Math.min(place ?? present, stops.length - 1)}
          isMoved={place !== null}
          answer={down === null ? answerHere : ""}
          format={format}
          onPlace={onPlace}
        />
      )}
      {down !== null && table !== null && table.second !== null && table.cells.length > 0 && (
        <HeatTable
          across={across}
          down={down}
          sweep={table}
          writeAnswer={writeAnswer}
          format={format}
        />
      )}
      <KeepFigures across={across} down={down} chart={chart} table={table} format={format} />
    </>
  );
}

function axisOf({ ref }: SweepField, values: readonly number[]): SweepAxis {
  return { field: ref, values };
}
