import { useAnswerFormat } from "../../answer/use-answer-format";
import {
  formatExact,
  writeRate,
  quotationWords,
  spanWords,
  whenHeld,
  writeMoney,
  type AnswerFormat,
  type LoanOffer,
  type ScheduleRun,
} from "@kestrelmoor/core";
import {
  OFFER_FIELDS,
  OFFERS,
  type Offer,
  type OfferField,
  type OfferReading,
} from "@kestrelmoor/core/typing";
import { useMemo, type ReactNode } from "react";
import { EntryName, EntryText } from "../../lines/EntryText";
import { useFieldEditing } from "../../lines/use-line-editing";
import { cheapestOf, nameOfOffer, wholeLoan, type OfferColumn } from "./offer-columns";
import { DropButton } from "../../../ui/Buttons";
import { Sideways } from "../../../ui/Sideways";
import styles from "./Offers.module.css";

const OFFER_FIELD_NAMES = Object.keys(OFFER_FIELDS) as readonly OfferField[];

interface OffersTableProps {
  readonly base: LoanOffer;
  /** How many rates this loan has, one after the other. */
  readonly spells: number;
  /** Payments a year. */
  readonly frequency: number;
  readonly offers: readonly Offer[];
  readonly columns: readonly OfferColumn[];
  /** In years; `null` for the whole life. */
  readonly heldFor: number | null;
  readonly format: AnswerFormat;
}

/** The loans side by side: what each says, and what it comes to. */
export function OffersTable(props: OffersTableProps) {
  const { base, spells, frequency, offers, columns, heldFor, format } = props;
  const money = (amount: number) => writeMoney(amount, format);
  const term = (count: number) => `${formatExact(count)} payments`;
  const own = columns[0]?.run?.plan.fee ?? 0;
  // What this loan says, and what stands in an offer that does not say it otherwise.
  const said: Readonly<Record<OfferField, readonly [own: ReactNode, hint: string]>> = {
    amount: [money(base.amount), money(base.amount)],
    percent: [
      `${writeRate(base.percent, format)} ${quotationWords(base.quotation)}${spells > 1 ? ", then changing" : ""}`,
      writeRate(base.percent, format),
    ],
    term: [`${term(base.count)}, ${spanWords(base.count / frequency, format)}`, term(base.count)],
    fee: [money(own), money(0)],
    residual: [money(base.residual), money(base.residual)],
  };
  return (
    <Sideways name="Loans compared" className={styles.scroll}>
      <table className={styles.table}>
        <thead>
          <tr>
            <td />
            <th scope="col">This loan</th>
            {offers.map((offer, index) => (
              <OfferHead key={offer.id} offer={offer} index={index} />
            ))}
          </tr>
        </thead>
        <tbody>
          {OFFER_FIELD_NAMES.map((field) => (
            <tr key={field}>
              <th scope="row">{OFFER_FIELDS[field].label}</th>
              <td>{said[field][0]}</td>
              {offers.map((offer, index) => (
                <td key={offer.id}>
                  <OfferCell
                    {...{ offer, field }}
                    hint={said[field][1]}
                    name={`${OFFER_FIELDS[field].label}, ${nameOfOffer(offer, index)}`}
                    reading={columns.find(({ id }) => id === offer.id)?.reading ?? null}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
        <Results {...{ columns, heldFor, money }} />
      </table>
    </Sideways>
  );
}

function OfferHead({ offer, index }: { readonly offer: Offer; readonly index: number }) {
  const { change } = useFieldEditing();
  const { id, name } = offer;
  return (
    <th scope="col">
      <span className={styles.head}>
        <EntryName
          of={id}
          label={`Name of offer ${index + 1}`}
          hint={`Offer ${index + 1}`}
          text={name}
          write={(draft, text) => OFFERS.edit(draft, id, (own) => (own.name = text))}
        />
        <DropButton
          className={styles.drop ?? ""}
          aria-label={`Remove ${nameOfOffer(offer, index)}`}
          title="Remove this offer"
          onClick={() => change((draft) => OFFERS.remove(draft, id))}
        />
      </span>
    </th>
  );
}

interface OfferCellProps {
  readonly offer: Offer;
  readonly field: OfferField;
  readonly name: string;
  /** What holds while nothing is typed. */
  readonly hint: string;
  readonly reading: OfferReading | null;
}

function OfferCell({ offer, field, name, hint, reading }: OfferCellProps) {
  return (
    <EntryText
      of={offer.id}
      name={field}
      field={{ label: name, hint }}
      text={offer[field]}
      reading={reading?.fields[field] ?? { state: "value", value: null }}
      write={(draft, text) => OFFERS.edit(draft, offer.id, (own) => (own[field] = text))}
    />
  );
}

interface ResultsProps {
  readonly columns: readonly OfferColumn[];
  readonly heldFor: number | null;
  readonly money: (amount: number) => string;
}

/** What each loan comes to over its life and, where a time is chosen, for whoever pays it off then. */
function Results({ columns, heldFor, money }: ResultsProps) {
  const format = useAnswerFormat();
  const wholes = useMemo(
    () => columns.map(({ run }) => (run === null ? null : wholeLoan(run))),
    [columns],
  );
  const held = useMemo(() => columns.map(({ run }) => heldLoan(run, heldFor)), [columns, heldFor]);
  const figures = (name: string, texts: readonly (string | null)[]) => (
    <tr>
      <th scope="row">{name}</th>
      {texts.map((text, place) => (
        <td key={columns[place]?.id ?? "own"}>{text ?? "–"}</td>
      ))}
    </tr>
  );
  return (
    <tbody className={styles.results}>
      {columns.some(({ complaint }) => complaint !== null) && (
        <tr>
          <th scope="row">Not calculated</th>
          {columns.map(({ id, complaint }) => (
            <td key={id ?? "own"} className={styles.complaint}>
              {complaint}
            </td>
          ))}
        </tr>
      )}
      {figures(
        "Payment",
        wholes.map((loan) => loan && money(loan.payment)),
      )}
      {figures(
        "Total paid",
        wholes.map((loan) => loan && money(loan.paid)),
      )}
      {figures(
        "Interest and fee",
        wholes.map((loan) => loan && money(loan.cost)),
      )}
      <Costs
        name="Effective annual cost"
        columns={columns}
        percents={wholes.map((loan) => loan?.effectivePercent ?? null)}
        isDecisive={heldFor === null}
      />
      {heldFor !== null && (
        <>
          {figures(
            `Balance after ${spanWords(heldFor, format)}`,
            held.map((loan) => loan && money(loan.owed)),
          )}
          {figures(
            "Interest and fee to that date",
            held.map((loan) => loan && money(loan.cost)),
          )}
          <Costs
            name="Effective annual cost if paid off then"
            columns={columns}
            percents={held.map((loan) => loan?.effectivePercent ?? null)}
            isDecisive
          />
        </>
      )}
    </tbody>
  );
}

function heldLoan(run: ScheduleRun | null, heldFor: number | null) {
  return run === null || heldFor === null ? null : whenHeld(run, heldFor);
}

interface CostsProps {
  readonly name: string;
  readonly columns: readonly OfferColumn[];
  readonly percents: readonly (number | null)[];
  /** Whether the cheapest is marked by it. */
  readonly isDecisive: boolean;
}

function Costs({ name, columns, percents, isDecisive }: CostsProps) {
  const format = useAnswerFormat();
  const cheapest = isDecisive ? cheapestOf(percents) : null;
  return (
    <tr className={isDecisive ? styles.decisive : undefined}>
      <th scope="row">{name}</th>
      {percents.map((percent, place) => (
        <td key={columns[place]?.id ?? "own"}>
          {percent === null ? "–" : writeRate(percent, format)}
          {place === cheapest && <span className={styles.cheapest}>cheapest</span>}
        </td>
      ))}
    </tr>
  );
}
