import { useState } from "react";
import { useDocument, useDocumentState } from "../document/document-context";
import { useIsOnlyPart } from "../parts/use-question";
import { untilLoaded } from "../../ui/until-loaded";

interface Said {
  /** `null` where no words tell the problem. */
  readonly text: string | null;
  readonly isReadBack: boolean;
}

interface Saying {
  /** Whether there is a problem to be told, and nothing of others beside it. */
  readonly isPossible: boolean;
  /** Writes the next wording in the place of the question's text, as one step to undo. */
  readonly say: () => void;
  /** What was written last, as long as it stands there. */
  readonly said: Said | null;
}

const SEEDS = 1000;

/** Tells the problem as the text of a question. */
export function useSaying(): Saying {
  const store = useDocument();
  const question = useDocumentState((state) => state.draft.question);
  const isPossible = useDocumentState(({ outcome }) => outcome.result?.ok === true);
  const isAlone = useIsOnlyPart();
  // The first wording differs from problem to problem, and each press has the next.
  const [seed, setSeed] = useState(() => Math.floor(Math.random() * SEEDS));
  const [said, setSaid] = useState<Said | null>(null);
  const say = () => {
    void untilLoaded(() => import("@kestrelmoor/core/question/say")).then(({ sayProblem }) => {
      const { problem } = store.getState().outcome;
      if (problem === null) return;
      const next = sayProblem(problem, seed) ?? { text: null, isReadBack: false };
      setSeed(seed + 1);
      setSaid(next);
      const { text } = next;
      if (text === null) return;
      store.edit((draft) => {
        draft.question = text;
      });
    });
  };
  const stands = said !== null && (said.text ?? "") === question;
  return { isPossible: isPossible && isAlone, say, said: stands ? said : null };
}
