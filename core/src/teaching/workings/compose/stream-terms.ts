import type { ResolvedStream } from "../../../engine/timeline/timeline";
import { runsOf } from "../../../engine/flows/flow-kinds";
import { paymentTime } from "../../../engine/flows/payment-times";
import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { readableSum, type Expression } from "../mathematics/expression";
import type { ComposedFlow, Composition } from "./composition";
import { type Moment } from "./moves";
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
