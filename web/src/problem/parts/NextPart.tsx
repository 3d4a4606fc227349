import { lazy, memo, Suspense, useState } from "react";
import { QuietButton } from "../../ui/Buttons";
import { untilLoaded } from "../../ui/until-loaded";
import styles from "./Parts.module.css";

const NextPartDialog = lazy(() => untilLoaded(() => import("./NextPartDialog")));

/** Begins a part that takes up what is there; no key changes it. */
export const NextPart = memo(function NextPart() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <QuietButton className={styles.next ?? ""} onClick={() => setOpen(true)}>
        Next part
      </QuietButton>
      {isOpen && (
        <Suspense>
          <NextPartDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
});
