import { lazy, memo, Suspense, useState } from "react";
import { untilLoaded } from "../../ui/until-loaded";
import { QuietButton } from "../../ui/Buttons";

const ConventionsDialog = lazy(() => untilLoaded(() => import("./ConventionsDialog")));

/** What a course has agreed on: how days are counted, and interest in fractions of a period. */
export const Conventions = memo(function Conventions() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <QuietButton onClick={() => setOpen(true)}>Conventions</QuietButton>
      {isOpen && (
        <Suspense>
          <ConventionsDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
});
