import { listed } from "@kestrelmoor/core";
import { QuietButton, WordButton } from "../../ui/Buttons";
import { useReread, type Edit } from "./use-reread";
import styles from "./Question.module.css";

/** What the text would change in the lines since it was written in. */
export function OfferedChanges({ edit }: { readonly edit: Edit | null }) {
  const { offer, take, leave } = useReread(edit);
  if (offer === null) return null;
  const { changes, kept } = offer;
  return (
    <div className={styles.offered} role="status">
      {changes.length > 0 && <span>The text now gives {listed(changes)}. </span>}
      {kept.length > 0 && <span>Your own changes stay: {listed(kept)}. </span>}
      {changes.length > 0 && <WordButton onClick={take}>Change the lines</WordButton>}
      <QuietButton onClick={leave}>{changes.length > 0 ? "Leave them" : "Close"}</QuietButton>
    </div>
  );
}
