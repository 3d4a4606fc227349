import type { Duration } from "../../time/duration";
import { formatExact } from "../../wording/format-number";

/** So many payments, as somebody would have typed them. */
export function payments(count: number): string {
  return `${formatExact(count)} payment${count === 1 ? "" : "s"}`;
}

/** A time and so many periods more, each part counted in its own unit: nothing is rounded. */
export function after(start: Duration, period: Duration, times: number): Duration {
  const months = start.months + period.months * times;
  const years = start.years + period.years * times;
  const whole = Number.isInteger(months) ? Math.floor(months / 12) : 0;
  return {
    years: years + whole,
    months: months - 12 * whole,
    weeks: start.weeks + period.weeks * times,
    days: start.days + period.days * times,
  };
}
