import { useCallback, useEffect, useRef, useState, type PointerEvent } from "react";
import { snapped, snapStep, within, type TimeScale } from "./time-scale";

/** A pointer that has not gone further than this has clicked and not dragged. */
const STILL_A_CLICK = 4;

export interface TimeDrag {
  /** The scale on which something is being dragged: it stands still for so long. */
  readonly frozen: TimeScale | null;
  /** Begins to drag what stands at some years; `move` is told every time that it snaps to. */
  readonly begin: (
    event: PointerEvent,
    years: number,
    move: (years: number) => void,
    end?: () => void,
  ) => void;
  /** Whether the click that comes now only ends a drag. */
  readonly wasDrag: () => boolean;
}

/** Drags times along the axis. */
export function useTimeDrag(scale: TimeScale): TimeDrag {
  const [frozen, setFrozen] = useState<TimeScale | null>(null);
  const hasMoved = useRef(false);
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);

  const begin = useCallback<TimeDrag["begin"]>(
    (event, years, move, end) => {
      if (event.button !== 0) return;
      // No text is selected on the way.
      event.preventDefault();
      hasMoved.current = false;
      const startX = event.clientX;
      const step = snapStep(scale);
      let last = years;
      const follow = (moved: globalThis.PointerEvent) => {
        const by = moved.clientX - startX;
        if (!hasMoved.current && Math.abs(by) <= STILL_A_CLICK) return;
        if (!hasMoved.current) setFrozen(scale);
        hasMoved.current = true;
        const gone = (by / (scale.right - scale.left)) * (scale.span - scale.start);
        const to = snapped(within(scale, years + gone), step);
        if (to === last) return;
        last = to;
        move(to);
      };
      const finish = () => {
        stop.current = undefined;
        window.removeEventListener("pointermove", follow);
        window.removeEventListener("pointerup", finish);
        window.removeEventListener("pointercancel", finish);
        setFrozen(null);
        if (hasMoved.current) end?.();
        // The click that follows a release comes before any timer.
        setTimeout(() => (hasMoved.current = false));
      };
      stop.current = finish;
      window.addEventListener("pointermove", follow);
      window.addEventListener("pointerup", finish);
      window.addEventListener("pointercancel", finish);
    },
    [scale],
  );
  const wasDrag = useCallback(() => hasMoved.current, []);
  return { frozen, begin, wasDrag };
}
