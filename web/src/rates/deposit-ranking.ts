import {
  convertRate,
  creditedYears,
  depositBalance,
  writeRate,
  quotationWords,
  spanWords,
  writeMoney,
  type AnswerFormat,
  type DepositOffer,
} from "@kestrelmoor/core";
import {
  readingOf,
  readQuotedRate,
  type Deposit,
  type FieldReading,
} from "@kestrelmoor/core/typing";

/** An offer that can be read, and what it comes to. */
export interface RankedDeposit {
  readonly id: string;
  readonly name: string;
  readonly offer: DepositOffer;
  readonly effectivePercent: number;
  /** At the time at which the money is needed. */
  readonly balance: number;
}

export interface DepositReadings {
  readonly readings: ReadonlyMap<string, FieldReading<unknown>>;
  /** The highest effective rate first. */
  readonly ranked: readonly RankedDeposit[];
}

export function nameOfDeposit({ name }: Deposit, index: number): string {
  return name.trim() === "" ? `Offer ${index + 1}` : name.trim();
}

/** Reads the offers, and ranks those that can be read. */
export function rankDeposits(
  offers: readonly Deposit[],
  amount: number,
  years: number,
): DepositReadings {
  const readings = new Map<string, FieldReading<unknown>>();
  const ranked = offers.flatMap((typed, index): RankedDeposit[] => {
    const rate = readQuotedRate(typed.rate);
    readings.set(typed.id, readingOf(rate));
    if (!rate.ok) return [];
    const offer = { rate: rate.value, crediting: typed.crediting };
    const effective = convertRate(rate.value, { quoted: "effective" });
    const balance = depositBalance(amount, offer, years);
    if (!effective.ok || !balance.ok) {
      readings.set(typed.id, readingOf(effective.ok ? balance : effective));
      return [];
    }
    return [
      {
        id: typed.id,
        name: nameOfDeposit(typed, index),
        offer,
        effectivePercent: effective.value,
        balance: balance.value,
      },
    ];
  });
  return {
    readings,
    ranked: ranked.sort((one, other) => other.effectivePercent - one.effectivePercent),
  };
}

/** Balances closer than this are the same money. */
const SAME = 0.005;

/** The best offer by effective rate and by balance at a time, and why they may differ. */
export function depositVerdict(
  ranked: readonly RankedDeposit[],
  years: number,
  format: AnswerFormat,
): string {
  const [highest] = ranked;
  if (highest === undefined) return "";
  const money = (amount: number) => writeMoney(amount, format);
  const best = ranked.reduce((one, other) => (other.balance > one.balance + SAME ? other : one));
  const byRate = `${highest.name} has the highest effective annual rate, ${writeRate(highest.effectivePercent, format)}.`;
  const when = years === 0 ? "today" : `after ${spanWords(years, format)}`;
  if (best.id === highest.id) {
    return `${byRate} It also gives the highest balance ${when}: ${money(best.balance)}.`;
  }
  const credited = creditedYears(highest.offer, years);
  const waits =
    credited === 0 ? "none is complete yet" : `only ${spanWords(credited, format)} are complete`;
  return `${byRate} But ${when}, ${best.name} gives more, ${money(best.balance)} against ${money(highest.balance)}: ${highest.name} credits interest only at the end of a full period, and ${waits}.`;
}

/** A rate with its quotation, for screen readers. */
export function rateWords({ rate }: DepositOffer, format: AnswerFormat): string {
  return `${writeRate(rate.percent, format)} ${quotationWords(rate)}`;
}

/** A time, and what each offer has become under `balance0`, `balance1`, … */
export type DepositPoint = Readonly<Record<string, number>> & { readonly years: number };

/** Points enough that steps look like steps. */
const POINTS = 480;

/** The balances of offers over time; those that wait for whole periods rise in steps. */
export function depositPoints(
  offers: readonly DepositOffer[],
  amount: number,
  longest: number,
): DepositPoint[] {
  return Array.from({ length: POINTS + 1 }, (_, index): DepositPoint => {
    const years = (longest * index) / POINTS;
    const balances = offers.map((offer, place) => {
      const balance = depositBalance(amount, offer, years);
      return [`balance${place}`, balance.ok ? balance.value : Number.NaN];
    });
    return { years, ...(Object.fromEntries(balances) as Record<string, number>) };
  });
}
