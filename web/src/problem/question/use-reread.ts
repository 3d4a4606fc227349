import { useEffect, useState } from "react";
import { useDocument, useDocumentState } from "../document/document-context";
import { useIsOnlyPart } from "../parts/use-question";
import { draftOfReading } from "./draft-of-reading";
import { loadReader } from "./load-reader";
import { reread, whole, type Reread } from "./reread";

/** A text as it was before somebody wrote in it, and after. */
export interface Edit {
  readonly before: string;
  readonly after: string;
}

interface Rereading {
  /** What the text would change now; `null` where that is nothing. */
  readonly offer: Reread | null;
  /** Makes the change, as one step to undo. */
  readonly take: () => void;
  readonly leave: () => void;
}

/** What a change of the question's text offers to change in the lines: nothing is changed that nobody asks for. */
export function useReread(edit: Edit | null): Rereading {
  const store = useDocument();
  const isAlone = useIsOnlyPart();
  const question = useDocumentState((state) => state.draft.question);
  const [offered, setOffered] = useState<{ edit: Edit; offer: Reread } | null>(null);
  useEffect(() => {
    if (edit === null || edit.before === edit.after || !isAlone) return;
    let isLeft = false;
    void loadReader().then(({ readQuestion }) => {
      const after = draftOfReading(readQuestion(edit.after));
      const { draft, outcome } = store.getState();
      if (isLeft || after === null) return;
      const before = edit.before === "" ? null : draftOfReading(readQuestion(edit.before));
      const isOpen = outcome.result?.ok !== true;
      const offer = reread(draft, before, after) ?? (isOpen ? whole(draft, after) : null);
      setOffered(offer === null ? null : { edit, offer });
    });
    return () => {
      isLeft = true;
    };
  }, [edit, isAlone, store]);
  const stands = offered !== null && offered.edit === edit && edit.after === question;
  const leave = () => setOffered(null);
  const take = () => {
    if (offered === null) return;
    const { rates, flows, ask, today } = offered.offer.draft;
    store.edit((draft) => {
      Object.assign(draft, { rates, flows, ask, today });
    });
    leave();
  };
  return { offer: stands ? offered.offer : null, take, leave };
}
