import {
  answerSentence,
  DAY_COUNTS,
  dayCountWords,
  FRACTION_RULES,
  measureWords,
  writeFigure,
  writeMoney,
  type AnswerFormat,
} from "@kestrelmoor/core";
import {
  DATE_ORDERS,
  PAYBACKS,
  PAYMENTS_FOUND,
  RATES_ASKED,
  type Conventions,
  type Draft,
  type PartPlace,
} from "@kestrelmoor/core/typing";
import { QuietButton } from "../../ui/Buttons";
import { Dialog } from "../../ui/Dialog";
import { InkChoice } from "../../ui/InkChoice";
import { useAnswerFormat } from "../answer/use-answer-format";
import { useDocument, useDocumentState } from "../document/document-context";
import { outcomeOf, type Outcome } from "../document/outcome";
import { judgedProject } from "../views/appraisal/judged-project";
import { useOwnConventions } from "./own-conventions";
import styles from "./ConventionsDialog.module.css";

const ORDERS: Readonly<Record<Conventions["dateOrder"], string>> = {
  "day-first": "day first: 20/9/2027",
  "month-first": "month first: 9/20/2027",
};

const ASKED: Readonly<Record<Conventions["rateAsked"], string>> = {
  nominal: "nominal, compounded as paid",
  effective: "effective, a year",
};

const PAID: Readonly<Record<Conventions["payments"], string>> = {
  exact: "with every digit",
  nearest: "to the nearest cent",
  up: "up to the next cent",
};

const TOLD: Readonly<Record<Conventions["payback"], string>> = {
  exact: "with its part of a year",
  "whole-years": "in whole years",
};

/** What a course has agreed on, each with the difference that it makes to the answer of the open problem. */
export default function ConventionsDialog({ onClose }: { readonly onClose: () => void }) {
  const store = useDocument();
  const draft = useDocumentState((state) => state.draft);
  const format = useAnswerFormat();
  const keep = useOwnConventions((state) => state.keep);
  const place = useDocumentState(({ outcome }) => outcome.place);
  const outcome = useDocumentState((state) => state.outcome);
  const { conventions } = draft;
  const set = (parts: Partial<Conventions>) =>
    store.edit((writable) => {
      Object.assign(writable.conventions, parts);
    });
  const difference = <Key extends keyof Conventions>(
    key: Key,
    values: readonly Conventions[Key][],
  ) => differenceWords(draft, key, values, { format, place });
  return (
    <Dialog title="Conventions of the course" isOpen onClose={onClose}>
      <p className={styles.sentence}>
        Days are counted by{" "}
        <InkChoice
          label="Count of days"
          value={conventions.dayCount}
          options={DAY_COUNTS.map((count) => [count, count] as const)}
          onChoose={(dayCount) => set({ dayCount })}
        />
        , {dayCountWords(conventions.dayCount)}
      </p>
      <p className={styles.difference} aria-live="polite">
        {difference("dayCount", DAY_COUNTS)}
      </p>
      <p className={styles.sentence}>
        Interest for a fraction of a compounding period:{" "}
        <InkChoice
          label="Interest for a fraction of a period"
          value={conventions.fraction}
          options={FRACTION_RULES.map((rule) => [rule, rule] as const)}
          onChoose={(fraction) => set({ fraction })}
        />
      </p>
      <p className={styles.difference} aria-live="polite">
        {difference("fraction", FRACTION_RULES)}
      </p>
      <p className={styles.sentence}>
        A rate to find, unless you say how it is quoted:{" "}
        <InkChoice
          label="A rate to find"
          value={conventions.rateAsked}
          options={RATES_ASKED.map((asked) => [asked, ASKED[asked]] as const)}
          onChoose={(rateAsked) => set({ rateAsked })}
        />
      </p>
      <p className={styles.difference} aria-live="polite">
        {difference("rateAsked", RATES_ASKED)}
      </p>
      <p className={styles.sentence}>
        A payment to find is kept{" "}
        <InkChoice
          label="A payment to find"
          value={conventions.payments}
          options={PAYMENTS_FOUND.map((found) => [found, PAID[found]] as const)}
          onChoose={(payments) => set({ payments })}
        />
        {conventions.payments === "exact" ? "" : ", and the final one settles the rest"}
      </p>
      <p className={styles.difference} aria-live="polite">
        {paymentWords(draft, { format, place })}
      </p>
      <p className={styles.sentence}>
        A payback period is told{" "}
        <InkChoice
          label="Payback period"
          value={conventions.payback}
          options={PAYBACKS.map((told) => [told, TOLD[told]] as const)}
          onChoose={(payback) => set({ payback })}
        />
      </p>
      <p className={styles.difference} aria-live="polite">
        {paybackWords(outcome, format)}
      </p>
      <p className={styles.sentence}>
        Dates in numbers:{" "}
        <InkChoice
          label="Dates in numbers"
          value={conventions.dateOrder}
          options={DATE_ORDERS.map((order) => [order, ORDERS[order]] as const)}
          onChoose={(dateOrder) => set({ dateOrder })}
        />
      </p>
      <p className={styles.note}>They are kept with this problem.</p>
      <div className={styles.actions}>
        <QuietButton onClick={() => keep(conventions)}>Use for new problems</QuietButton>
      </div>
    </Dialog>
  );
}

/** How an answer is written, and where its part stands in the question. */
interface Told {
  readonly format: AnswerFormat;
  readonly place: PartPlace;
}

/** The answer as it is, and as every other choice would have it. */
function differenceWords<Key extends keyof Conventions>(
  draft: Draft,
  key: Key,
  values: readonly Conventions[Key][],
  told: Told,
): string {
  const own = answerWith(draft, key, draft.conventions[key], told);
  if (own === null) return "";
  const others = values
    .filter((value) => value !== draft.conventions[key])
    .map((value) => [value, answerWith(draft, key, value, told)] as const)
    .filter(([, answer]) => answer !== null && answer !== own);
  if (others.length === 0) return "It makes no difference here.";
  const words = others.map(([value, answer]) => `${answer} with ${nameOf(value)}`);
  return `${own} here; ${words.join(", ")}.`;
}

/** The payment and the final one, as every choice would have them; nothing where no payment is to be found. */
function paymentWords(draft: Draft, { format, place }: Told): string {
  const told = PAYMENTS_FOUND.map((payments) => {
    const solved = solvedWith(draft, "payments", payments, place);
    const rounded = solved?.facts.roundedPayment;
    const words =
      solved === null
        ? ""
        : rounded === undefined
          ? writeFigure(solved.answers[0].value, format)
          : `${answerSentence(solved, format).value}, the final one ${writeMoney(rounded.last.amount, format)}`;
    return { payments, words };
  });
  const own = told.find(({ payments }) => payments === draft.conventions.payments);
  const others = told.filter((one) => one !== own && one.words !== own?.words);
  if (own === undefined || own.words === "") return "";
  if (others.length === 0) return "It makes no difference here.";
  const words = others.map(({ payments, words: other }) => `${PAID[payments]} ${other}`);
  return `Here ${own.words}; ${words.join("; ")}.`;
}

/** The payback period of the open problem both ways; nothing where it is no project that is recovered. */
function paybackWords({ draft, problem, solved }: Outcome, format: AnswerFormat): string {
  if (problem === null) return "";
  const figures = PAYBACKS.map((payback) => {
    const conventions = { ...draft.conventions, payback };
    const judged = judgedProject(problem, solved, { ...draft, conventions }, format);
    return judged.ok ? measureWords("payback", judged.subject).figure : null;
  });
  const [own, other] = draft.conventions.payback === "exact" ? figures : figures.toReversed();
  if (!own || !other) return "";
  return own === other ? "It makes no difference here." : `${own} here; ${other} otherwise.`;
}

function nameOf(value: Conventions[keyof Conventions]): string {
  if (value === "nominal" || value === "effective") return `a rate that is ${value}`;
  return value === "compound" || value === "simple" ? `${value} interest` : value;
}

function answerWith<Key extends keyof Conventions>(
  draft: Draft,
  key: Key,
  value: Conventions[Key],
  { format, place }: Told,
): string | null {
  const solved = solvedWith(draft, key, value, place);
  return solved === null ? null : answerSentence(solved, format).value;
}

/** The problem as another choice has it; `null` while it has no answer. */
function solvedWith<Key extends keyof Conventions>(
  draft: Draft,
  key: Key,
  value: Conventions[Key],
  place: PartPlace,
) {
  const changed = { ...draft, conventions: { ...draft.conventions, [key]: value } };
  return outcomeOf(changed, place).solved;
}
