import { doubtfulEnd, type Direction } from "@kestrelmoor/core";
import { confirmDirection, turnRound } from "@kestrelmoor/core/typing";
import { useDocument, useDocumentState } from "../document/document-context";
import { AskedBack } from "./AskedBack";

interface EndAskedProps {
  readonly id: string;
  readonly direction: Direction;
}

/** Asks whether an amount at the end of the payments goes the right way: with a residual both balance. */
export function EndAsked({ id, direction }: EndAskedProps) {
  const store = useDocument();
  const isConfirmed = useDocumentState(({ draft }) => draft.confirmed.includes(id));
  const isDoubtful = useDocumentState(
    ({ outcome: { solved } }) => solved !== null && doubtfulEnd(solved) === id,
  );
  if (!isDoubtful || isConfirmed) return null;
  const other = direction === "in" ? "out" : "in";
  return (
    <AskedBack
      words={`This is money ${direction} at the end, as at the start. A balloon payment goes the other way.`}
      answers={[
        {
          words: `Switch to money ${other}`,
          act: () => store.edit((draft) => turnRound(draft, id)),
        },
        {
          words: `Keep money ${direction}`,
          act: () => store.edit((draft) => confirmDirection(draft, id)),
        },
      ]}
    />
  );
}
