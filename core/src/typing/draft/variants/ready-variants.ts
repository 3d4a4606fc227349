import { withDigits } from "../../../engine/numbers/with-digits";
import { formatExact } from "../../../wording/format-number";
import { formatYears } from "../../../wording/format-time";
import { COMMON_PERIODS, frequencyWords } from "../../../wording/quotation-words";
import type { Quotation } from "../../../engine/rates/quotation";
import { frequencyOf } from "../../../engine/time/duration";
import { valueOf } from "../field";
import type { VariantChange, Draft, FlowLine } from "../draft";
import { quotationKey, quotationKeyOfLine } from "../quotation-key";
import type { DraftReading } from "../read-draft";
import type { FieldName } from "../../../engine/fields/field-ref";
import { USUAL_FORMAT } from "../../../wording/answer-format";

/** Common variants, ready to be added. */
export interface ReadyVariants {
  readonly words: string;
  readonly variants: readonly { readonly name: string; readonly changes: VariantChange[] }[];
}

/** The ready-made variants that fit a problem; each group has at least one. */
export function readyVariants(draft: Draft, reading: DraftReading): ReadyVariants[] {
  const groups: ReadyVariants[] = [
    { words: "Annuity due instead of ordinary (and back)", variants: otherTiming(draft) },
    { words: "Every compounding frequency", variants: everyCompounding(draft, reading) },
    { words: "1 to 5 years longer", variants: yearsMore(draft, reading) },
    { words: "Rate 1 percentage point higher or lower", variants: pointsMore(draft, reading) },
  ];
  return groups.filter(({ variants }) => variants.length > 0);
}

type Ready = ReadyVariants["variants"];

function change(line: string, fact: FieldName, text: string): VariantChange {
  return { line, fact, text };
}

function otherTiming({ flows }: Draft): Ready {
  const streams = flows.filter((line) => line.kind === "stream");
  const [first] = streams;
  if (first === undefined) return [];
  const other = first.timing === "end" ? "start" : "end";
  const changes = streams.map(({ id }) => change(id, "timing", other));
  return [{ name: other === "start" ? "Annuity due" : "Ordinary annuity", changes }];
}

/** The rate of the first rate line and its quotation; `null` if it is unknown or refers to another. */
function firstRate(
  { rates: [line] }: Draft,
  { rates: [reading] }: DraftReading,
): {
  id: string;
  percent: number;
  quotation: Quotation;
  /** The key of the line's own choice. */
  chosen: string;
  /** Whether the words in the field say how it is quoted, and not the line's own choice. */
  hasWords: boolean;
} | null {
  if (line?.kind !== "rate" || reading?.kind !== "rate") return null;
  const said = valueOf(reading.percent);
  if (said === null || "plus" in said) return null;
  const { quotation } = reading;
  const hasWords = (said.quotation ?? said.asPaid ?? said.yearly) !== undefined;
  return {
    id: line.id,
    percent: said.percent,
    quotation,
    chosen: quotationKeyOfLine(line),
    hasWords,
  };
}

/**
 * A rate in another quotation; typed words about its quotation would take precedence, so the choice has them.
 *
 * @param chosen the key of the line's own choice
 */
function quotedAs(id: string, percent: number, key: string, chosen: string): VariantChange[] {
  return [
    change(id, "percent", `${formatExact(percent)}%`),
    ...(key === chosen ? [] : [change(id, "quotation", key)]),
  ];
}

function everyCompounding(draft: Draft, reading: DraftReading): Ready {
  const rate = firstRate(draft, reading);
  if (rate === null || rate.quotation.quoted === "periodic") return [];
  const { id, percent, quotation, chosen, hasWords } = rate;
  const ways: Quotation[] = [
    ...COMMON_PERIODS.map((compounding) => ({ quoted: "nominal" as const, compounding })),
    { quoted: "continuous" },
  ];
  // An effective annual rate is a nominal rate compounded yearly.
  const own = quotation.quoted === "effective" ? "nominal P1Y" : quotationKey(quotation);
  return ways
    .filter((way) => quotationKey(way) !== own)
    .map((way) => ({
      name:
        way.quoted === "nominal"
          ? `Compounded ${frequencyWords(way.compounding).adverb}`
          : "Compounded continuously",
      changes: quotedAs(id, percent, quotationKey(way), chosen).filter(
        ({ fact }) => fact !== "percent" || hasWords,
      ),
    }));
}

function pointsMore(draft: Draft, reading: DraftReading): Ready {
  const rate = firstRate(draft, reading);
  if (rate === null) return [];
  const { id, percent, quotation, chosen, hasWords } = rate;
  return [1, -1].map((points) => {
    // Without this, 6.1 + 1 is 7.1 plus a rounding error.
    const figure = withDigits(percent + points, 15);
    return {
      name: points > 0 ? "1 point higher" : "1 point lower",
      changes: quotedAs(id, figure, hasWords ? quotationKey(quotation) : chosen, chosen),
    };
  });
}

function yearsMore(draft: Draft, reading: DraftReading): Ready {
  const [first] = draft.flows.flatMap((line, index) => longer(line, reading.flows[index]) ?? []);
  return first ?? [];
}

/** Longer payments, or a later amount; `null` if the line has no known length. */
function longer(
  line: FlowLine,
  reading: DraftReading["flows"][number] | undefined,
): Ready[] | null {
  const byYears = (change: (more: number) => VariantChange): Ready[] => [
    [1, 2, 3, 4, 5].map((more) => ({
      name: `${more} year${more === 1 ? "" : "s"} longer`,
      changes: [change(more)],
    })),
  ];
  if (line.kind === "stream" && reading?.kind === "stream") {
    const [count, every] = [valueOf(reading.count), valueOf(reading.every)];
    if (count === null || count === "forever" || every === null) return null;
    const aYear = frequencyOf(every);
    const inPayments = /payment|^[\d.,\s]+$/i.test(line.count);
    return byYears((more) =>
      change(
        line.id,
        "count",
        inPayments
          ? `${formatExact(withDigits(count + more * aYear, 13))} payments`
          : formatYears(withDigits(count / aYear + more, 13), USUAL_FORMAT, 6),
      ),
    );
  }
  if (line.kind === "single" && reading?.kind === "single") {
    const at = valueOf(reading.at);
    if (at === null || "endOf" in at || !at.moment.startsWith("P") || at.years === 0) return null;
    return byYears((more) =>
      change(line.id, "at", formatYears(withDigits(at.years + more, 13), USUAL_FORMAT, 6)),
    );
  }
  return null;
}
