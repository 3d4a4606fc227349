import { writeRate, writeMoney } from "@kestrelmoor/core";
import { DEPOSIT_FIELDS, DEPOSITS, type Deposit, type Desk } from "@kestrelmoor/core/typing";
import { produce } from "immer";
import { useMemo } from "react";
import { useOwnFormat, useAnswerFormat } from "../problem/answer/use-answer-format";
import { InkChoice } from "../ui/InkChoice";
import { Stroke } from "../charts/Stroke";
import { depositProblem, type OfferOfRate } from "./as-problems";
import { DepositChart } from "./DepositChart";
import { depositVerdict, nameOfDeposit, rankDeposits, type RankedDeposit } from "./deposit-ranking";
import { DeskField } from "../desk/DeskField";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { useAsked } from "../desk/use-asked";
import { DropButton, QuietButton } from "../ui/Buttons";
import { Sideways } from "../ui/Sideways";
import styles from "./Rates.module.css";

const CREDITED = [
  ["whole-periods", "at the end of each full period"],
  ["always", "daily (accrued)"],
] as const;

/** Offers for money that is left with somebody: by their rate, and by what they come to when it is needed. */
export function DepositsCard() {
  const { typed, values, field, change } = useAsked("deposits");
  const { offers } = typed;
  const { amount } = values;
  const years = values.after?.years ?? null;
  const format = useOwnFormat((state) => state.own);
  const { readings, ranked } = useMemo(
    () => rankDeposits(offers, amount ?? 0, years ?? 0),
    [offers, amount, years],
  );
  const byId = new Map(ranked.map((one, place) => [one.id, { one, place }]));
  const edit = (recipe: (deposits: Desk["deposits"]) => void) => change(produce(typed, recipe));
  const isReckoned = amount !== null && years !== null && ranked.length > 0;
  return (
    <section
      className={`card ${styles.card ?? ""} ${styles.wide ?? ""}`}
      aria-labelledby="deposits"
    >
      <h2 id="deposits">Compare deposits</h2>
      <p className="sentence">
        Invest {field("amount")} for {field("after")}:
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
                onEdit={(part) =>
                  edit((deposits) =>
                    DEPOSITS.edit(deposits, offer.id, (own) => void Object.assign(own, part)),
                  )
                }
                onRemove={() => edit((deposits) => DEPOSITS.remove(deposits, offer.id))}
              />
            ))}
          </tbody>
        </table>
      </Sideways>
      {offers.length < DEPOSITS.most && (
        <p>
          <QuietButton
            onClick={() =>
              edit(
                (deposits) =>
                  void DEPOSITS.add(deposits, { name: "", rate: "", crediting: "whole-periods" }),
              )
            }
          >
            Add an offer
          </QuietButton>
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
              draft={() => depositProblem(typed.amount, typed.after, asOffers(ranked, offers))}
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
          id={`${offer.id}-rate`}
          field={{ ...DEPOSIT_FIELDS.rate, label: `${DEPOSIT_FIELDS.rate.label} of ${called}` }}
          text={offer.rate}
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
