import { readMoney } from "../../input/read-money";
import {
  readPaymentNumber,
  readPayments,
  type PaymentTimes,
} from "../../input/read-payment-number";
import { readPercent, readRate } from "../../input/read-rate";
import type { Quotation } from "../../../engine/rates/quotation";
import type { LoanChange } from "../../../engine/schedule/changes/change";
import { quotationSaid } from "../compounding/quotation-said";
import type { ChangeLine } from "../draft";
import { readGivenField, valueOf, type FieldReading } from "../field";

/** The fields of changes that are typed. */
export type ChangeField = "amount" | "multiple" | "percent" | "from" | "to" | "lasts";

/** What the payments are that changes speak of. */
export interface ChangedPayments extends PaymentTimes {
  /** How a rate is quoted that does not say so. */
  readonly quotation: Quotation;
}

/** What each field of a change says, and the change once all of them say something. */
export interface ChangeReading {
  readonly fields: Partial<Readonly<Record<ChangeField, FieldReading<number>>>>;
  readonly change: LoanChange | null;
}

/** Reads one line that changes a schedule. */
export function readChange(line: ChangeLine, payments: ChangedPayments): ChangeReading {
  switch (line.kind) {
    case "extra": {
      const fields = {
        amount: readGivenField(line.amount, readMoney),
        from: payment(line.from, "at"),
        // Nothing typed means to the end.
        ...(line.to.trim() === "" ? {} : { to: payment(line.to, "at") }),
      };
      const [amount, fromPayment] = [valueOf(fields.amount), valueOf(fields.from)];
      const toPayment = "to" in fields ? valueOf(fields.to) : undefined;
      const isRead = amount !== null && fromPayment !== null && toPayment !== null;
      const { often } = line;
      const last = often === "once" ? undefined : (toPayment ?? undefined);
      return {
        fields,
        change: isRead
          ? {
              kind: "extra",
              amount,
              often,
              fromPayment,
              ...(last === undefined ? {} : { toPayment: last }),
            }
          : null,
      };
    }
    case "round-up": {
      const multiple = readGivenField(line.multiple, readMoney);
      const to = valueOf(multiple);
      return {
        fields: { multiple },
        change: to === null ? null : { kind: "round-up", multiple: to },
      };
    }
    case "interest-only":
    case "holiday": {
      const from = payment(line.from, "period");
      const lasts = readGivenField(line.lasts, (text) => readPayments(text, payments));
      const [first, count] = [valueOf(from), valueOf(lasts)];
      const { kind, then } = line;
      return {
        fields: { from, lasts },
        change:
          first === null || count === null
            ? null
            : { kind, fromPayment: first, toPayment: first + count - 1, then },
      };
    }
    case "rate": {
      const from = payment(line.from, "period");
      const percent = readGivenField(line.percent, readPercent);
      const [fromPayment, figure] = [valueOf(from), valueOf(percent)];
      const said = readRate(line.percent);
      const quotation = quotationSaid(said.ok ? said.value : {}, payments);
      return {
        fields: { percent, from },
        change:
          fromPayment === null || figure === null
            ? null
            : { kind: "rate", fromPayment, percent: figure, quotation, then: line.then },
      };
    }
    case "fee": {
      const amount = readGivenField(line.amount, readMoney);
      const figure = valueOf(amount);
      const isAdded = line.paid === "added";
      return {
        fields: { amount },
        change: figure === null ? null : { kind: "fee", amount: figure, isAdded },
      };
    }
    case "residual": {
      const amount = readGivenField(line.amount, readMoney);
      const figure = valueOf(amount);
      return {
        fields: { amount },
        change: figure === null ? null : { kind: "residual", amount: figure },
      };
    }
  }

  function payment(text: string, meant: "at" | "period"): FieldReading<number> {
    return readGivenField(text, (typed) => readPaymentNumber(typed, payments, meant));
  }
}
