import { frequencyWords } from "@kestrelmoor/core";
import {
  AS_PAID,
  compoundingQuestion,
  quotationKey,
  setQuotation,
  type CompoundingQuestion,
  type RateReading,
  type TypedRateLine,
} from "@kestrelmoor/core/typing";
import { useDocumentState } from "../document/document-context";
import { AskedBack } from "./AskedBack";

interface CompoundingAskedProps {
  readonly reading: RateReading;
  readonly onEdit: (recipe: (line: TypedRateLine) => void) => void;
}

/** Asks how interest is compounded, where nobody said it and the answer depends on it. */
export function CompoundingAsked({ reading, onEdit }: CompoundingAskedProps) {
  const flows = useDocumentState((state) => state.draft.flows);
  const question = compoundingQuestion(flows, reading);
  if (question === null) return null;
  return (
    <AskedBack
      words={wordsOf(question)}
      answers={choicesOf(question).map(({ words, key }) => ({
        words,
        act: () => onEdit((line) => setQuotation(line, key)),
      }))}
    />
  );
}

function wordsOf({ why, now, paid }: CompoundingQuestion): string {
  const adverbs = paid.map((period) => frequencyWords(period).adverb);
  return why === "several"
    ? `Money is paid ${adverbs.join(" and ")}. How is interest compounded?`
    : `Money is paid ${adverbs.join(" and ")}, but interest is compounded ${frequencyWords(now).adverb}. Is that right?`;
}

function choicesOf({ why, now, paid }: CompoundingQuestion) {
  const said = (period: string) => quotationKey({ quoted: "nominal", compounding: period });
  if (why === "several") {
    return paid.map((period) => ({
      words: `Compounded ${frequencyWords(period).adverb}`,
      key: said(period),
    }));
  }
  const [usual = now] = paid;
  return [
    { words: `Compound ${frequencyWords(usual).adverb}`, key: AS_PAID },
    { words: `Keep ${frequencyWords(now).adverb}`, key: said(now) },
  ];
}
