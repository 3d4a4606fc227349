import {
  rankingByHolding,
  type LoanOffer,
  type ScheduleRun,
  type SolvedProblem,
} from "@kestrelmoor/core";
import {
  addOffer,
  COMPARISON_FIELDS,
  MOST_OFFERS,
  readEntryField,
  valueOf,
  type FieldReading,
} from "@kestrelmoor/core/typing";
import { useDeferredValue, useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { EntryText } from "../../lines/EntryText";
import { changedAccounts } from "../schedule/changed-accounts";
import { changesOn, useChangeLines } from "../schedule/use-change-lines";
import { Solved } from "../Solved";
import { AddRowButton } from "../AddRowButton";
import { baseOffer } from "./base-offer";
import { CostChart } from "./CostChart";
import { offerColumns } from "./offer-columns";
import { OffersTable } from "./OffersTable";
import { rankingWords } from "./ranking-words";
import styles from "./Offers.module.css";

/** Several loans are run through; while somebody types, that waits for a pause. */
const RUNS_AFTER_MS = 120;

/** Other loans beside the one of the problem: which is the cheapest, and for how long. */
export function OffersView() {
  return (
    <Solved
      pause={RUNS_AFTER_MS}
      before="When a loan has an answer, you can compare other offers here: annual cost with fees, and which is cheapest for each holding period."
    >
      {(solved) => {
        const flow = solved.problem.flows.find(
          (own) => own.kind === "stream" && own.direction === "out",
        );
        return flow === undefined ? null : <OffersBeside solved={solved} flow={flow.id} />;
      }}
    </Solved>
  );
}

interface OffersBesideProps {
  readonly solved: SolvedProblem;
  readonly flow: string;
}

function OffersBeside({ solved, flow }: OffersBesideProps) {
  const { problem } = solved;
  const format = useAnswerFormat();
  const { rounding } = useDocumentState(({ draft }) => draft.schedule);
  const lines = useChangeLines(solved, flow);
  const found = useMemo(
    () => changedAccounts(problem, flow, rounding, changesOn(lines), format),
    [problem, flow, rounding, lines, format],
  );
  if (!found.ok) return <p className="quiet">{found.sentence}</p>;
  const { plain, changed } = found.accounts;
  const base = baseOffer(solved, flow, plain);
  const { kind, isOwed } = plain.schedule;
  if (base === null || kind !== "repaying" || !isOwed) {
    return <p className="quiet">Only loans can be compared: money in first, then repayments.</p>;
  }
  const own = changed ?? plain;
  return (
    <Comparison
      own={own.run}
      base={base}
      spells={solved.settled.spells.length}
      frequency={own.frequency}
      isChanged={changed !== null}
    />
  );
}

const NO_RUNS: readonly (ScheduleRun | null)[] = [];
const NO_NAMES: readonly string[] = [];

interface ComparisonProps {
  readonly own: ScheduleRun;
  readonly base: LoanOffer;
  /** How many rates this loan has, one after the other. */
  readonly spells: number;
  readonly frequency: number;
  readonly isChanged: boolean;
}

function Comparison({ own, base, spells, frequency, isChanged }: ComparisonProps) {
  const { rounding } = useDocumentState(({ draft }) => draft.schedule);
  const { heldFor: typed, offers } = useDocumentState(({ draft }) => draft.comparison);
  const format = useAnswerFormat();
  const settled = useLingering(offers, RUNS_AFTER_MS);
  const columns = useMemo(
    () => offerColumns(own, base, settled, rounding, format),
    [own, base, settled, rounding, format],
  );
  const runs = useMemo(() => columns.map(({ run }) => run), [columns]);
  const names = useMemo(() => columns.map(({ name }) => name), [columns]);
  // The table comes first; the ranking asks for the cost at many times.
  const runsLater = useDeferredValue(runs, NO_RUNS);
  const namesLater = useDeferredValue(names, NO_NAMES);
  const held = readEntryField(COMPARISON_FIELDS.heldFor, typed, null);
  const heldFor = valueOf(held)?.years ?? null;
  return (
    <>
      <HeldFor typed={typed} reading={held} />
      {isChanged && <p className="quiet">This loan includes the changes in its schedule.</p>}
      <OffersTable
        {...{ base, spells, frequency, heldFor, format }}
        offers={offers}
        columns={columns}
      />
      {offers.length < MOST_OFFERS && (
        <AddRowButton words="Add an offer" field="percent" adds={addOffer} />
      )}
      {runsLater.length > 1 && (
        <Ranking runs={runsLater} names={namesLater} frequency={frequency} heldFor={heldFor} />
      )}
    </>
  );
}

function HeldFor({ typed, reading }: { typed: string; reading: FieldReading<unknown> }) {
  return (
    <p className={styles.sentence}>
      Loans are paid off after{" "}
      <EntryText
        of="comparison"
        name="held"
        field={COMPARISON_FIELDS.heldFor}
        text={typed}
        reading={reading}
        write={({ comparison }, text) => (comparison.heldFor = text)}
      />{" "}
      .
    </p>
  );
}

interface RankingProps {
  readonly runs: readonly (ScheduleRun | null)[];
  readonly names: readonly string[];
  readonly frequency: number;
  readonly heldFor: number | null;
}

/** From when on which loan is the cheapest; only those that have been reckoned rank. */
function Ranking({ runs, names, frequency, heldFor }: RankingProps) {
  const format = useAnswerFormat();
  const sentences = useMemo(() => {
    const ranked = runs.flatMap((run, place) => (run === null ? [] : [{ run, place }]));
    if (ranked.length < 2) return [];
    const spans = rankingByHolding(
      ranked.map(({ run }) => run),
      frequency,
    );
    return rankingWords(
      spans,
      ranked.map(({ place }) => names[place] ?? ""),
      format,
    );
  }, [runs, names, frequency, format]);
  return (
    <>
      {sentences.length > 0 && <p className={styles.lead}>Cheapest first, by time until payoff:</p>}
      <ul className={styles.ranking} aria-label="Cheapest loan">
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <CostChart {...{ runs, names, frequency, heldFor }} />
    </>
  );
}
