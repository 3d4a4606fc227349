import { useEffect, useState } from "react";
import * as z from "zod";
import { keptInBrowser } from "../../ui/kept-in-browser";
import { useDocumentState } from "../document/document-context";
import styles from "./Lines.module.css";

const kept = keptInBrowser("kestrelmoor-knows-enter", z.boolean(), false);

/** Says once, while something is still to be typed, how to go on without the mouse; whoever has done it knows. */
export function EnterHint() {
  const isMissing = useDocumentState(({ outcome }) => outcome.problem === null);
  const [isKnown, setKnown] = useState(kept.first);
  useEffect(() => {
    if (isKnown) return undefined;
    const listen = ({ key, target }: KeyboardEvent) => {
      if (key !== "Enter" || !(target instanceof HTMLElement) || !target.matches("[data-field]")) {
        return;
      }
      kept.keep(true);
      setKnown(true);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [isKnown]);
  return isKnown || !isMissing ? null : (
    <span className={styles.tip}>Enter goes to the next empty field.</span>
  );
}
