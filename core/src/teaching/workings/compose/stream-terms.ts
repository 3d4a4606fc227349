import type { ResolvedStream } from "../../../engine/timeline/timeline";
import { expandStream } from "../../../engine/flows/expand-stream";
import { runsOf } from "../../../engine/flows/flow-kinds";
import { isUpTo } from "../../../engine/numbers/compare";
import { NO_GROWTH } from "../../../engine/rates/accumulation";
import { paymentTime } from "../../../engine/flows/payment-times";
import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import {
  factorOf,
  number,
  of,
  product,
  readableSum,
  type Expression,
} from "../mathematics/expression";
import { growthFactor } from "../mathematics/factors";
import type { ComposedFlow, Composition } from "./composition";
import { fixedAt, type Moment } from "./moment";
import { seriesOf, type Series } from "./series";

import { SeriesFactors } from "./series-factors";

/** The value at the focal date of each 1 of a stream's first payment, and of its step. */
export interface StreamFactors {
  readonly amount: Expression;
  /** `null` if the payments do not increase by an amount. */
  readonly step: Expression | null;
}

/** The value of a stream, composed of the annuity factors of its stretches. */
export function streamFactors(
  composition: Composition,
  flow: ComposedFlow<"stream">,
  focal: Moment,
): StreamFactors {
  if (!composition.isCompound) return eachByItself(composition, flow, focal);
  const stream = flow.settled;
  const starts = composition.solved.settled.spells.map(({ start }) => start);
  const runs = runsOf(stream);
  const pattern = stream.growth;
  const amounts: Expression[] = [];
  const steps: Expression[] = [];
  const [firstRun] = runs;
  for (const run of runs) {
    // In an irregular pattern each place is a separate run, with some steps before its first payment.
    const place = Math.round((run.first - (firstRun?.first ?? 0)) * stream.frequency);
    const taken = pattern === null ? 0 : Math.floor((place * pattern.steps) / pattern.payments);
    const cut = seriesOf([run], starts, stream.timing);
    for (const series of cut) {
      const isWhole = series.isWhole && runs.length === 1;
      const part = new SeriesFactors(
        composition,
        flow,
        { ...series, isWhole },
        focal,
        taken,
        cut.length > 1 ? partNote(stream, series, composition.sheet.format) : undefined,
      );
      amounts.push(part.amount());
      if (pattern?.by === "amount") steps.push(part.step());
    }
  }
  const worthwhile = steps.filter((step) => !(step.op === "number" && step.value === 0));
  return {
    amount: added(amounts),
    step: pattern?.by === "amount" && worthwhile.length > 0 ? added(worthwhile) : null,
  };
}

/**
 * Where interest is not compound there is no annuity factor: each payment is moved by itself. Level payments that are
 * all moved by so much more each are moved by their mean time.
 */
function eachByItself(
  composition: Composition,
  flow: ComposedFlow<"stream">,
  focal: Moment,
): StreamFactors {
  const { solved, sheet, moves } = composition;
  const stream = flow.settled;
  const payments = expandStream(stream, NO_GROWTH).map((_, index) => {
    const part = Math.min(1, stream.count - index);
    const at = composition.momentAt(paymentTime(stream, index), flow.resolved.begins.perUnknown);
    return { index, part, at };
  });
  const mean = meanTime(composition, flow, focal.years);
  if (mean !== null) {
    const factor = moves.between(fixedAt(mean), focal, null);
    const count = flow.count === null ? number(stream.count) : of(flow.count);
    return { amount: of(sheet.define(null, "factor", product(count, factor))), step: null };
  }
  const factors = payments.map(({ at, part }) =>
    product(number(part), moves.between(at, focal, null)),
  );
  const { growth } = stream;
  const taken = (index: number) =>
    growth === null ? 0 : Math.floor((index * growth.steps) / growth.payments);
  const g = flow.growth;
  const grown = (factor: Expression, index: number) =>
    growth?.by === "percent" && g !== null && taken(index) > 0
      ? product(factorOf(growthFactor, of(g), number(taken(index))), factor)
      : factor;
  const stepped = factors.flatMap((factor, index) =>
    taken(index) === 0 ? [] : [product(number(taken(index)), factor)],
  );
  const solvedFor = solved.unknown.kind;
  const amount = added(factors.map(grown));
  const isDefined = solvedFor !== "percent" && solvedFor !== "growth" && solvedFor !== "begins";
  return {
    amount: isDefined ? of(sheet.define(null, "factor", amount)) : amount,
    step: growth?.by === "amount" && stepped.length > 0 ? added(stepped) : null,
  };
}

/** When level payments may be thought of as made all at once; `null` where their factors are not linear in time. */
export function meanTime(
  { solved }: Composition,
  { settled: stream, resolved }: ComposedFlow<"stream">,
  focal: number,
): number | null {
  const { accrual, spells } = solved.settled;
  const [first, last] = [paymentTime(stream, 0), paymentTime(stream, stream.count - 1)];
  const isLinear =
    accrual?.kind === "simple"
      ? isUpTo(last, focal)
      : accrual?.kind === "bank-discount" && isUpTo(focal, first);
  const isPlain =
    stream.growth === null &&
    spells.length === 1 &&
    Number.isInteger(stream.count) &&
    resolved.begins.perUnknown === 0 &&
    resolved.count.perUnknown === 0;
  return isLinear && isPlain && stream.count > 1 ? (first + last) / 2 : null;
}

/** The payments of a stretch. */
function partNote(
  stream: ResolvedStream<number>,
  { first, count }: Series,
  format: AnswerFormat,
): string {
  const words = STEP_WORDS.value;
  const from = Math.round((first - paymentTime(stream, 0)) * stream.frequency) + 1;
  if (!Number.isFinite(count)) return words.paymentsFrom(writeFigure(from, format));
  const to = Math.ceil(from + count - 1);
  return from === to
    ? words.payment(writeFigure(from, format))
    : words.payments(writeFigure(from, format), writeFigure(to, format));
}

function added(parts: readonly Expression[]): Expression {
  return readableSum(
    parts.map((of) => ({ sign: 1, of })),
    "F",
  );
}
