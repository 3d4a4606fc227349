import {
  followUpWords,
  SCHEDULE_FIGURES,
  type ScheduleFigure,
  type SolvedProblem,
} from "@kestrelmoor/core";
import { InkChoice } from "../../../ui/InkChoice";
import { useAnswerFormat } from "../../answer/use-answer-format";
import type { ClaimTexts } from "./claim";
import styles from "./Mark.module.css";

interface WhatIsMarkedProps {
  readonly solved: SolvedProblem;
  readonly claim: ClaimTexts;
  readonly onChange: (part: Partial<ClaimTexts>) => void;
}

const ANSWER = "answer";

const FIGURE_WORDS: Readonly<Record<ScheduleFigure, string>> = {
  interest: "the interest in payment",
  principal: "the principal in payment",
  "closing-balance": "the balance after payment",
  "opening-balance": "the balance before payment",
  "interest-so-far": "the total interest up to payment",
};

/** What the number is: the answer, a follow-up, or a figure of a schedule; nothing where only one thing is asked. */
export function WhatIsMarked({ solved, claim, onChange }: WhatIsMarkedProps) {
  const format = useAnswerFormat();
  const { problem, flows } = solved;
  const { also = [] } = problem;
  const payments = flows.flatMap((flow) =>
    flow.kind === "stream" && Number.isFinite(flow.settled.count) ? [flow] : [],
  );
  const figures = payments.flatMap(({ index, file }) =>
    SCHEDULE_FIGURES.map((of) => {
      const name = file.label?.trim() ?? "";
      const whose = payments.length > 1 && name !== "" ? `${name}: ` : "";
      return [`${index} ${of}`, `${whose}${FIGURE_WORDS[of]} …`] as const;
    }),
  );
  if (also.length === 0 && figures.length === 0) return null;
  const { figure, follow } = claim;
  const choose = (chosen: string) => {
    const [line = "", of] = chosen.split(" ");
    const known = SCHEDULE_FIGURES.find((one) => one === of);
    if (known === undefined) {
      onChange({ figure: null, follow: chosen === ANSWER ? null : Number(chosen) });
      return;
    }
    const payment = figure?.payment ?? "1";
    onChange({ figure: { line: Number(line), of: known, payment } });
  };
  return (
    <p className={styles.sentence}>
      Mark{" "}
      <InkChoice
        label="What is marked"
        value={
          figure !== null
            ? `${figure.line} ${figure.of}`
            : follow === null || also[follow] === undefined
              ? ANSWER
              : String(follow)
        }
        options={[
          [ANSWER, "the answer"],
          ...also.map(
            (question, place) =>
              [String(place), followUpWords(question, problem, format).toLowerCase()] as const,
          ),
          ...figures,
        ]}
        onChoose={choose}
      />
      {figure !== null && (
        <>
          {" "}
          <input
            className={`ink-field ${styles.row ?? ""}`}
            aria-label="Number of the payment"
            inputMode="numeric"
            maxLength={6}
            value={figure.payment}
            onChange={({ target }) => onChange({ figure: { ...figure, payment: target.value } })}
          />
        </>
      )}
    </p>
  );
}
