import { lazy, Suspense, useState } from "react";
import { untilLoaded } from "../../ui/until-loaded";

const ShapeDialog = lazy(() => untilLoaded(() => import("./ShapeDialog")));

/** Turns the problem into another shape, with what is typed. */
export function ChangeShape() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="quiet-button" onClick={() => setOpen(true)}>
        Change problem type
      </button>
      {isOpen && (
        <Suspense>
          <ShapeDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
