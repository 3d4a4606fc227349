import { step } from "../steps";
import type { SettledFlow } from "../../../engine/flows/flow-kind";
import { paymentsUpTo } from "../../../engine/flows/payment-run";
import { paymentTime } from "../../../engine/flows/payment-times";
import { writeFigure } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { spanWords } from "../../../wording/format-time";
import type { ComposedFlow, Composition } from "../compose/composition";
import { flowDates } from "../compose/flow-dates";
import { capitalized } from "../../../wording/capitalized";
import { flowName } from "../compose/flow-names";
import { lineOf } from "../compose/sheet";
import { snapped, yearsExpression } from "../compose/years";
import { minus, number, of, product, type Quantity } from "../mathematics/expression";
import type { Story } from "./story";
import { isBefore, isSameCount, isUpTo } from "../../../engine/numbers/compare";

type Stream = Extract<SettledFlow, { kind: "stream" }>;

/** The flows on one side of a date, cut at that date. */
export interface Part {
  readonly composition: Composition;
  readonly has: (flow: ComposedFlow) => boolean;
  /** The number of its flows. */
  readonly size: number;
}

/** The cash flows up to and including a date. */
export function upTo(story: Story, years: number): Part {
  return cut(story, years, ({ index, settled: flow }, counted) => {
    switch (flow.kind) {
      case "single":
        return isUpTo(flow.at, years) ? { flow } : null;
      case "stream": {
        const paid = paymentsIn(flow, years);
        if (paid === 0) return null;
        if (paid >= flow.count) return { flow };
        return { flow: { ...flow, count: paid }, count: counted(flow, index, paid) };
      }
      case "list": {
        const amounts = flow.amounts.slice(
          0,
          paymentsUpTo({ first: flow.begins, frequency: flow.frequency }, years),
        );
        return amounts.length === 0 ? null : { flow: { ...flow, amounts } };
      }
      case "dated": {
        const entries = flow.entries.filter(({ at }) => isUpTo(at, years));
        return entries.length === 0 ? null : { flow: { ...flow, entries } };
      }
    }
  });
}

/** The cash flows after a date; `null` if cutting there would not shorten the workings. */
export function after(story: Story, years: number): Part | null {
  const { composition } = story;
  const { spells } = composition.solved.settled;
  const isCut = (flow: SettledFlow) => {
    const { first, last } = flowDates(flow);
    return isUpTo(first, years) && isBefore(years, last);
  };
  const changesLater = spells.some(({ start }) => isBefore(years, start));
  const isAwkward = (flow: SettledFlow) =>
    isCut(flow) && (flow.kind !== "stream" || flow.growth !== null || changesLater);
  if (composition.flows.some(({ settled }) => isAwkward(settled))) return null;
  return cut(story, years, ({ index, settled: flow, count: whole }, counted) => {
    if (isUpTo(flowDates(flow).last, years)) return null;
    const paid = flow.kind === "stream" ? paymentsIn(flow, years) : 0;
    if (flow.kind !== "stream" || paid === 0) return { flow };
    const rest = {
      ...flow,
      begins: snapped(flow.begins + paid / flow.frequency),
      count: flow.count - paid,
    };
    if (whole === null) return { flow: rest, count: null };
    const made = counted(flow, index, paid);
    const { sheet, moves } = composition;
    const left = sheet.once(`left ${index} ${paid}`, () =>
      sheet.work(null, "count", minus(of(whole), of(made))),
    );
    moves.know(flow.frequency, left);
    return { flow: rest, count: left };
  });
}

/** The number of payments of a stream made by a date. */
export function paymentsIn(stream: Stream, years: number): number {
  const grid = { first: paymentTime(stream, 0), frequency: stream.frequency };
  return Math.min(stream.count, paymentsUpTo(grid, years));
}

interface Piece {
  readonly flow: SettledFlow;
  /** The letter of its number of payments; missing if it is the whole stream's. */
  readonly count?: Quantity | null;
}

type Counted = (stream: Stream, index: number, paid: number) => Quantity;

function cut(
  story: Story,
  years: number,
  piece: (flow: ComposedFlow, counted: Counted) => Piece | null,
): Part {
  const { composition } = story;
  const { flows } = composition;
  const counted: Counted = (stream, index, paid) =>
    paymentsMade(story, stream, index, { paid, years });
  const pieces = flows.map((flow) => piece(flow, counted));
  return {
    composition: {
      ...composition,
      flows: flows.map((flow, index) => withPiece(flow, pieces[index] ?? null)),
    },
    has: ({ index }) => pieces[index] !== null,
    size: pieces.filter((one) => one !== null).length,
  };
}

/** A piece has the kind of the flow that it is cut from. */
function withPiece(flow: ComposedFlow, piece: Piece | null): ComposedFlow {
  if (piece === null) return flow;
  const { flow: settled, count = flow.count } = piece;
  return { ...flow, settled, count } as ComposedFlow;
}

/** The number of payments made by a date, with its own letter. */
function paymentsMade(
  { composition }: Story,
  stream: Stream,
  index: number,
  { paid, years }: { readonly paid: number; readonly years: number },
): Quantity {
  const { sheet, moves, flows } = composition;
  return sheet.once(`paid ${index} ${paid}`, () => {
    const letter = sheet.letter("k");
    const { frequency } = stream;
    const isEvery = stream.begins === 0 && stream.timing === "end" && frequency !== 1;
    const isJust = isSameCount(years * frequency, paid);
    const made =
      isEvery && isJust
        ? sheet.work(letter, "count", product(number(frequency), yearsExpression(years)))
        : sheet.given(letter, "count", paid, null);
    moves.know(frequency, made);
    const own = flows[index];
    const name = own === undefined ? "" : capitalized(flowName(own, sheet.format));
    const say = STEP_WORDS.followUp.made(
      name,
      years === 0 ? "today" : `after ${spanWords(years, sheet.format)}`,
      writeFigure(paid, sheet.format),
    );
    sheet.convert("payments", {
      ...step("number-of-periods", "short", say, lineOf(made)),
      value: paid,
    });
    return made;
  });
}
