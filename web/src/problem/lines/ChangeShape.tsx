import { lazy, memo, Suspense, useState } from "react";
import { untilLoaded } from "../../ui/until-loaded";
import { QuietButton } from "../../ui/Buttons";

const ShapeDialog = lazy(() => untilLoaded(() => import("./ShapeDialog")));

/** Turns the problem into another shape, with what is typed. */
export const ChangeShape = memo(function ChangeShape() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <QuietButton onClick={() => setOpen(true)}>Change problem type</QuietButton>
      {isOpen && (
        <Suspense>
          <ShapeDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
});
