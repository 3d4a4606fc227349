import { writeMoney } from "@kestrelmoor/core";
import { confirmDirection, paymentQuestion, splitAtRateChange } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useAnswerFormat } from "../answer/use-answer-format";
import { useDocument, useDocumentState } from "../document/document-context";
import { AskedBack } from "./AskedBack";

/** Asks, at the second rate of a loan, whether its payment stays or is recalculated: with both figures. */
export function PaymentAsked() {
  const store = useDocument();
  const format = useAnswerFormat();
  const draft = useDocumentState((state) => state.draft);
  const { label } = draft.part;
  const { solved, place } = useDocumentState((state) => state.outcome);
  const throughout = solved?.unknown.kind === "amount" ? solved.answers[0].value : null;
  const percent = solved?.settled.spells[1]?.percent ?? null;
  const asked = useMemo(
    () =>
      throughout === null || percent === null
        ? null
        : paymentQuestion(draft, place, { throughout, percent }),
    [draft, place, throughout, percent],
  );
  if (asked === null || percent === null) return null;
  const [one, first, then] = [asked.throughout, asked.first, asked.then].map((figure) =>
    writeMoney(figure, format),
  );
  return (
    <AskedBack
      words={`One payment for both rates is ${one}. Recalculated when the rate changes, it is ${first}, then ${then}.`}
      answers={[
        {
          words: "Keep one payment",
          act: () => store.edit((writable) => confirmDirection(writable, asked.rate)),
        },
        {
          words: "Recalculate it",
          act: () =>
            store.question.editWhole((whole) => {
              const own = [whole, ...whole.later].find(({ part }) => part.label === label);
              if (own !== undefined) splitAtRateChange(whole, own, percent);
            }),
        },
      ]}
    />
  );
}
