import {
  answerSentence,
  answerText,
  flowOfUnknown,
  sentenceOf,
  type AnswerFormat,
  type Issue,
} from "@kestrelmoor/core";
import { turnRound, turnToAnswer } from "@kestrelmoor/core/typing";
import { Button } from "antd";
import { CopyButton } from "../../ui/CopyButton";
import { useLingering } from "../../ui/use-lingering";
import { useDocument, useDocumentState } from "../document/document-context";
import type { DocumentState } from "../document/document-store";
import { AnswerTools } from "./AnswerTools";
import { companionsOf, copyText, unroundedWords } from "./companions";
import { CopyFigure } from "./CopyFigure";
import { COVERED, CoveredAnswer } from "./CoveredAnswer";
import { useCover } from "./covered";
import { FollowUps } from "./FollowUps";
import { missingWords } from "./missing-words";
import { SideSums } from "./SideSums";
import { useAnswerFormat } from "./use-answer-format";
import styles from "./Answer.module.css";

/** A pause in the typing, after which the answer is read out. */
const READ_OUT_AFTER_MS = 900;

/** The answer, as it stands with every keystroke; there is nothing to press. */
export function Answer() {
  const outcome = useDocumentState((state) => state.outcome);
  const format = useAnswerFormat();
  const { isCovered } = useCover();
  const isHidden = isCovered && outcome.result?.ok === true;
  const spoken = useLingering(
    isHidden ? COVERED : spokenAnswer(outcome, format),
    READ_OUT_AFTER_MS,
  );
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="answer-name">
      <h2 id="answer-name" className="visually-hidden">
        Answer
      </h2>
      <p className="visually-hidden" role="status" aria-live="polite">
        {spoken}
      </p>
      {isHidden ? (
        <CoveredAnswer />
      ) : (
        <>
          <Shown outcome={outcome} format={format} />
          <FollowUps format={format} />
          <SideSums format={format} />
        </>
      )}
      <AnswerTools />
    </section>
  );
}

type Outcome = DocumentState["outcome"];

function spokenAnswer({ problem, result, reading }: Outcome, format: AnswerFormat): string {
  if (problem === null || result === null) return missingWords(reading.issues, format);
  return result.ok
    ? answerText(result.value, format)
    : result.issues.map((issue) => sentenceOf(issue, format)).join(" ");
}

interface ShownProps {
  readonly outcome: Outcome;
  readonly format: AnswerFormat;
}

function Shown({ outcome, format }: ShownProps) {
  const { problem, result, reading } = outcome;
  if (problem === null || result === null) {
    return <p className={styles.waiting}>{missingWords(reading.issues, format)}</p>;
  }
  if (!result.ok) return <NoAnswer issues={result.issues} />;
  const solution = result.value;
  const { answers } = solution;
  const sentence = answerSentence(solution, format);
  const unrounded = unroundedWords(problem, solution, format);
  return (
    <>
      <p className={styles.lead}>{sentence.lead}</p>
      <div className={styles.figures}>
        {answers.map((answer, place) => {
          const { value, rest } = answerSentence(solution, format, answer);
          return (
            <span key={place} className={styles.row}>
              <strong className={value.length > 12 ? styles.longFigure : styles.figure}>
                {value}
              </strong>
              <CopyButton text={copyText(answer, format)} what="the answer" />
              {answer.unit === "years" && <span className={styles.otherwise}>{rest}</span>}
            </span>
          );
        })}
      </div>
      {sentence.rest !== "" && answers[0].unit !== "years" && (
        <p className={styles.rest}>{sentence.rest}</p>
      )}
      {answers.length > 1 && (
        <p className={styles.several}>
          {answers.length} answers satisfy the equation:{" "}
          {answers[0].unit === "years"
            ? "a rate is negative, so the amount is reached more than once."
            : "the cash flows change sign more than once."}
        </p>
      )}
      {answers[0].turned && <Turned outcome={outcome} />}
      <dl className={styles.companions}>
        {companionsOf(problem, solution, format).map(({ words, figure }) => (
          <div key={words}>
            <dt>{words}</dt>
            <dd>
              <CopyFigure text={figure} what={words} />
            </dd>
          </div>
        ))}
      </dl>
      {unrounded !== null && <p className={styles.unrounded}>{unrounded}</p>}
    </>
  );
}

/** The unknown amount balances only in the other direction: offers to switch its line. */
function Turned({ outcome }: { readonly outcome: Outcome }) {
  const store = useDocument();
  const { solved } = outcome;
  if (solved === null) return null;
  const { answers, unknown, problem } = solved;
  const flow = problem.flows[flowOfUnknown(unknown) ?? -1];
  if (flow === undefined) return null;
  const { direction } = answers[0];
  const turn = () =>
    store.edit((draft) => {
      const line = draft.flows.find(({ id }) => id === flow.id);
      if (direction !== undefined && (line?.kind === "single" || line?.kind === "stream")) {
        turnToAnswer(line, direction);
      }
    });
  return (
    <div className={styles.mend}>
      <p>This balances only as money {direction}.</p>
      <Button size="small" onClick={turn}>
        Switch to money {direction}
      </Button>
    </div>
  );
}

function NoAnswer({ issues }: { readonly issues: readonly Issue[] }) {
  const format = useAnswerFormat();
  const store = useDocument();
  const [first] = issues;
  const turn = first?.code === "one-way-money" ? first.turn : undefined;
  return (
    <div className={styles.mend}>
      {issues.map((found) => (
        <p key={found.code}>{sentenceOf(found, format)}</p>
      ))}
      {turn !== undefined && (
        <Button size="small" onClick={() => store.edit((draft) => turnRound(draft, turn))}>
          Switch direction
        </Button>
      )}
    </div>
  );
}
