import { spellAt, type Accumulation } from "../rates/accumulation";
import type { ResolvedStream } from "../timeline/timeline";
import type { DatedAmount } from "./flow-kind";
import { paymentTime } from "./payment-times";

/** A settled stream payment by payment. */
export function expandStream(stream: ResolvedStream<number>, growth: Accumulation): DatedAmount[] {
  const full = Math.floor(stream.count);
  const payments: DatedAmount[] = [];
  for (let index = 0; index < full; index += 1) {
    payments.push({ amount: paymentAmount(stream, index), at: paymentTime(stream, index) });
  }
  const fraction = stream.count - full;
  if (fraction > 0) {
    const part = fractionOfPayment(stream, full, fraction, growth);
    payments.push({
      amount: paymentAmount(stream, full) * part,
      at: paymentTime(stream, full),
    });
  }
  return payments;
}

/** The signed size of payment `index`, from 0, by the definition of growth. */
export function paymentAmount({ amount, growth }: ResolvedStream<number>, index: number): number {
  if (growth === null) return amount;
  const taken = Math.floor((index * growth.steps) / growth.payments);
  return growth.by === "percent"
    ? amount * (1 + growth.figure / 100) ** taken
    : amount + growth.figure * taken;
}

/**
 * What the closed form means by a fraction f of a payment: (1 − wᶠ)/(1 − w), where w is what one period
 * takes off the next payment, by discounting and by growth. Where interest is not compound there is no closed form,
 * and it is that part of the payment.
 */
function fractionOfPayment(
  stream: ResolvedStream<number>,
  index: number,
  fraction: number,
  growth: Accumulation,
): number {
  if (growth.accrual !== undefined) return fraction;
  const force = growth.forces[spellAt(growth, paymentTime(stream, index))] ?? 0;
  const { growth: grows } = stream;
  const logStep =
    grows?.by === "percent" && grows.payments === 1
      ? Math.log1p(grows.figure / 100) * grows.steps
      : 0;
  const exponent = logStep - force / stream.frequency;
  return exponent === 0 ? fraction : Math.expm1(fraction * exponent) / Math.expm1(exponent);
}
