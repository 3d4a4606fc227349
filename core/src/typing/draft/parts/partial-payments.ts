import { isBefore } from "../../../engine/numbers/compare";
import { isDate } from "../../../engine/time/moment";
import { saysToday } from "../../input/read-time";
import { isUnknownMark } from "../../input/unknown-mark";
import type { Draft, SingleLine } from "../draft";
import { valueOf } from "../field";
import { readDraft } from "../read-draft";
import { labelAfter, type NewPart } from "./edit-parts";
import { part, single, type ReadyPart } from "./ready-part";

/** A debt at simple interest, what is paid towards it, and what is left to pay in the end. */
interface PartPaid {
  readonly debt: SingleLine;
  /** In the order of their dates; the amount of the last is the unknown. */
  readonly payments: readonly Payment[];
}

interface Payment {
  readonly line: SingleLine;
  readonly isDated: boolean;
}

/** The debt of a part where all interest is valued at one focal date; `null` for any other part. */
function partPaidIn(draft: Draft): PartPaid | null {
  const [rate, ...later] = draft.rates;
  if (rate?.kind !== "rate" || rate.quoted !== "simple" || later.length > 0) return null;
  const reading = readDraft(draft);
  const lines = draft.flows.flatMap((line, index) => {
    const own = reading.flows[index];
    if (line.kind !== "single" || own?.kind !== "single") return [];
    const time = valueOf(own.at);
    return time === null || "endOf" in time ? [] : [{ line, time }];
  });
  const debt = lines.find(({ line }) => saysToday(line.at))?.line;
  const payments = lines
    .filter(({ line }) => line !== debt)
    .toSorted((one, other) => one.time.years - other.time.years);
  const [first, last] = [payments[0], payments.at(-1)];
  const isPartPaid =
    lines.length === draft.flows.length &&
    debt !== undefined &&
    first !== undefined &&
    first !== last &&
    isBefore(0, first.time.years) &&
    payments.every(({ line }) => line.direction !== debt.direction) &&
    [debt, ...payments.map(({ line }) => line)].every(
      (line) => isUnknownMark(line.amount) === (line === last?.line),
    );
  return isPartPaid
    ? {
        debt,
        payments: payments.map(({ line, time }) => ({ line, isDated: isDate(time.moment) })),
      }
    : null;
}

/**
 * Interest settled with each payment (the rule of a declining balance), where the focal date settles it once: a part for
 * each payment, with what is owed then.
 *
 * @param draft the part that it takes up
 */
export function settledAtEachPayment(draft: Draft): ReadyPart[] {
  const found = partPaidIn(draft);
  if (found === null) return [];
  const { debt, payments } = found;
  return [
    {
      id: "declining-balance",
      name: "Settle interest at each payment",
      explains:
        "The rule of a declining balance: a payment covers the interest due, and the rest of it reduces the debt. One part for each payment.",
      asks: [],
      make: (_, label) => {
        let earlier: string | null = null;
        return payments.map((payment, place): NewPart => {
          const before = payments[place - 1];
          const owed =
            before === undefined
              ? named(debt, draft)
              : `answer of (${earlier ?? ""}) - ${named(before.line, draft)}`;
          earlier = earlier === null ? label : labelAfter([earlier]);
          const isDated = payment.isDated && before?.isDated === true;
          const own = isDated ? { ...draft, today: dateIn(before.line.at) } : draft;
          const at =
            before === undefined || isDated
              ? payment.line.at
              : `${payment.line.at} - ${before.line.at}`;
          return part(nameOf(payment), own, [
            single("Balance", debt.direction, owed, "today"),
            single("Due", payment.line.direction, "?", at),
          ]);
        });
      },
    },
  ];
}

function named({ label, id }: SingleLine, { part: { label: own } }: Draft): string {
  const name = label === "" ? id.replace(/[-_]+/g, " ") : label.toLowerCase();
  return `${name} of (${own})`;
}

function nameOf({ line: { at }, isDated }: Payment): string {
  return isDated ? `Due on ${dateIn(at)}` : `Due after ${at.replace(/^(?:after|in)\s+/i, "")}`;
}

function dateIn(text: string): string {
  return text.trim().replace(/^on\s+/i, "");
}
