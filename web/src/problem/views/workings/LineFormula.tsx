import { lineLatex, linePlain, type Line, type LineStyle } from "@kestrelmoor/core/teaching";
import { memo, useCallback, useMemo } from "react";
import { useRowWidth } from "../../../ui/row-width";
import { LateFormula } from "./Formula";

interface LineFormulaProps {
  readonly line: Line;
  readonly notation: NonNullable<LineStyle["notation"]>;
  readonly rounding?: LineStyle["rounding"];
  readonly format: NonNullable<LineStyle["format"]>;
  readonly isMarked?: boolean;
}

/** What words beside a formula need where they stand beside it. */
const NOTE = 24;
/** In a narrow place they stand below it. */
const NARROW = 45;

/** A line of the workings, broken so that it fits into its place. */
export const LineFormula = memo(function LineFormula({
  line,
  notation,
  rounding,
  format,
  isMarked = false,
}: LineFormulaProps) {
  const digits = useRowWidth();
  const beside = line.note !== undefined && digits !== null && digits > NARROW ? NOTE : 0;
  const style = useMemo(
    () => ({ notation, format, isMarked, ...(rounding === undefined ? {} : { rounding }) }),
    [notation, format, isMarked, rounding],
  );
  const width = digits === null ? null : digits - beside;
  const plain = useMemo(() => linePlain(line, style), [line, style]);
  const latex = useCallback(
    () => lineLatex(line, { ...style, ...(width === null ? {} : { width }) }),
    [line, style, width],
  );
  return <LateFormula latex={latex} plain={plain} />;
});
