import { writeRate, writeMoney } from "@kestrelmoor/core";
import {
  readingOf,
  valueOf,
  MOST_DEPOSITS,
  readMoney,
  readTime,
  type Deposit,
} from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useOwnFormat, useAnswerFormat } from "../problem/answer/use-answer-format";
import { InkChoice } from "../ui/InkChoice";
import { Stroke } from "../charts/Stroke";
import { depositProblem, type OfferOfRate } from "./as-problems";
import { DepositChart } from "./DepositChart";
import { depositVerdict, nameOfDeposit, rankDeposits, type RankedDeposit } from "./deposit-ranking";
import { DeskField } from "../desk/DeskField";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { useDesk } from "../desk/desk";
import { DropButton, QuietButton } from "../ui/Buttons";
import { Sideways } from "../ui/Sideways";
import styles from "./Rates.module.css";

const CREDITED = [
  ["whole-periods", "at the end of each full period"],
  ["always", "daily (accrued)"],
] as const;

/** Offers for money that is left with somebody: by their rate, and by what they come to when it is needed. */
export function DepositsCard() {
  const { amount: typedAmount, after, offers } = useDesk(({ desk }) => desk.deposits);
  const change = useDesk((state) => state.change);
  const format = useOwnFormat((state) => state.own);
  const amountReading = readingOf(readMoney(typedAmount));
  const timeReading = readingOf(readTime(after));
  const amount = valueOf(amountReading);
  const years = valueOf(timeReading)?.years ?? null;
  const { readings, ranked } = useMemo(
    () => rankDeposits(offers, amount ?? 0, years ?? 0),
    [offers, amount, years],
  );
  const byId = new Map(ranked.map((one, place) => [one.id, { one, place }]));
  const edit = (id: string, part: Partial<Deposit>) =>
    change("deposits", {
      offers: offers.map((offer) => (offer.id === id ? { ...offer, ...part } : offer)),
    });
  const add = () => {
    const numbers = offers.map(({ id }) => Number(id.replace(/\D/g, "")));
    const id = `offer-${Math.max(0, ...numbers) + 1}`;
    change("deposits", {
      offers: [...offers, { id, name: "", rate: "", crediting: "whole-periods" }],
    });
  };
  const isReckoned = amount !== null && years !== null && ranked.length > 0;
  return (
    <section
      className={`card ${styles.card ?? ""} ${styles.wide ?? ""}`}
      aria-labelledby="deposits"
    >
      <h2 id="deposits">Compare deposits</h2>
      <p className={styles.sentence}>
        Invest{" "}
        <DeskField
          field="deposit-amount"
          name="Amount invested"
          text={typedAmount}
          hint="5,000"
          reading={amountReading}
          onType={(text) => change("deposits", { amount: text })}
        />{" "}
        for{" "}
        <DeskField
          field="deposit-after"
          name="Time until the money is needed"
          text={after}
          hint="10 months"
          reading={timeReading}
          onType={(text) => change("deposits", { after: text })}
        />
        :
      </p>
      <Sideways name="Offers" className={styles.scroll}>
        <table className="figures">
          <thead>
            <tr>
              <th scope="col">Offer</th>
              <th scope="col" className={styles.word}>
                Quoted rate
              </th>
              <th scope="col" className={styles.word}>
                Interest credited
              </th>
              <th scope="col">Effective annual rate</th>
              <th scope="col">Balance then</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {offers.map((offer, index) => (
              <OfferRow
                key={offer.id}
                offer={offer}
                index={index}
                reading={readings.get(offer.id) ?? { state: "value", value: null }}
                found={byId.get(offer.id) ?? null}
                balance={(balance) => (isReckoned ? writeMoney(balance, format) : "–")}
                onEdit={(part) => edit(offer.id, part)}
                onRemove={() =>
                  change("deposits", { offers: offers.filter(({ id }) => id !== offer.id) })
                }
              />
            ))}
          </tbody>
        </table>
      </Sideways>
      {offers.length < MOST_DEPOSITS && (
        <p>
          <QuietButton onClick={add}>Add an offer</QuietButton>
        </p>
      )}
      {isReckoned && (
        <>
          <p className={styles.verdict} aria-live="polite">
            {depositVerdict(ranked, years, format)}
          </p>
          <DepositChart ranked={ranked} amount={amount} years={years} format={format} />
          <p>
            <OpenAsProblem
              draft={() => depositProblem(typedAmount, after, asOffers(ranked, offers))}
            />
          </p>
        </>
      )}
    </section>
  );
}

interface OfferRowProps {
  readonly offer: Deposit;
  readonly index: number;
  readonly reading: Parameters<typeof DeskField>[0]["reading"];
  readonly found: { readonly one: RankedDeposit; readonly place: number } | null;
  readonly balance: (balance: number) => string;
  readonly onEdit: (part: Partial<Deposit>) => void;
  readonly onRemove: () => void;
}

function OfferRow({ offer, index, reading, found, balance, onEdit, onRemove }: OfferRowProps) {
  const format = useAnswerFormat();
  const called = nameOfDeposit(offer, index);
  return (
    <tr>
      <th scope="row">
        <span className={styles.named}>
          {found === null ? <span className={styles.noStroke} /> : <Stroke index={found.place} />}
          <input
            className="ink-field"
            aria-label={`Name of offer ${index + 1}`}
            placeholder={called}
            maxLength={120}
            size={18}
            value={offer.name}
            onChange={({ target }) => onEdit({ name: target.value })}
          />
        </span>
      </th>
      <td className={styles.word}>
        <DeskField
          field={`${offer.id}-rate`}
          name={`Rate of ${called}`}
          text={offer.rate}
          hint="4.9% a year compounded monthly"
          reading={reading}
          onType={(text) => onEdit({ rate: text })}
        />
      </td>
      <td className={styles.word}>
        <InkChoice
          label={`Interest credit of ${called}`}
          value={offer.crediting}
          options={CREDITED}
          onChoose={(crediting) => onEdit({ crediting })}
        />
      </td>
      <td>{found === null ? "–" : writeRate(found.one.effectivePercent, format)}</td>
      <td>{found === null ? "–" : balance(found.one.balance)}</td>
      <td>
        <DropButton aria-label={`Remove ${called}`} title="Remove this offer" onClick={onRemove} />
      </td>
    </tr>
  );
}

function asOffers(
  ranked: readonly RankedDeposit[],
  offers: readonly Deposit[],
): [OfferOfRate, ...OfferOfRate[]] {
  const [first, ...others] = ranked.map(({ id, name, offer }) => ({
    name,
    rate: offer.rate,
    typed: offers.find((typed) => typed.id === id)?.rate ?? "",
  }));
  if (first === undefined) throw new TypeError("There is an offer to open");
  return [first, ...others];
}
