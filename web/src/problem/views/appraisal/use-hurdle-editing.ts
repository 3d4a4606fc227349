import { useMemo } from "react";
import { useFieldEditing } from "../../lines/use-line-editing";

/** Moving the hurdle rate from a picture: a whole drag is one step to undo. */
export function useHurdleEditing() {
  const { type, hold, leave } = useFieldEditing();
  return useMemo(
    () => ({
      onHurdle: (percent: number) =>
        type("appraisal-hurdle", ({ appraisal }) => {
          appraisal.hurdle = `${String(percent)}%`;
        }),
      onGrab: hold,
      onLetGo: leave,
    }),
    [type, hold, leave],
  );
}
