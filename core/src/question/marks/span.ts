import {
  durationInYears,
  formatDuration,
  parseDuration,
  type Duration,
} from "../../engine/time/duration";

/** Lengths of time as ISO 8601 texts, which are counted in their own units. */

const NOTHING: Duration = { years: 0, months: 0, weeks: 0, days: 0 };

export function durationOf(iso: string): Duration {
  return parseDuration(iso) ?? NOTHING;
}

/** So many times a length: three quarters are nine months, and two and a half years are thirty months. */
export function timesSpan(count: number, iso: string): string {
  const unit = durationOf(iso);
  const scaled: Duration = {
    years: unit.years * count,
    months: unit.months * count,
    weeks: unit.weeks * count,
    days: unit.days * count,
  };
  return formatDuration(inWholeUnits(scaled));
}

export function addSpans(one: string, other: string, sign: 1 | -1 = 1): string {
  const [first, second] = [durationOf(one), durationOf(other)];
  const months = 12 * first.years + first.months + sign * (12 * second.years + second.months);
  const weeks = first.weeks + sign * second.weeks;
  const days = first.days + sign * second.days;
  return formatDuration(inWholeUnits({ years: 0, months, weeks, days }));
}

/** Years with a fraction become months where these are whole, and months years. */
function inWholeUnits({ years, months, weeks, days }: Duration): Duration {
  const all = rounded(12 * years + months);
  if (all === 0) return { years: 0, months: 0, weeks: rounded(weeks), days: rounded(days) };
  const wholeYears = Number.isInteger(all) ? Math.floor(all / 12) : 0;
  return {
    years: wholeYears,
    months: rounded(all - 12 * wholeYears),
    weeks: rounded(weeks),
    days: rounded(days),
  };
}

function rounded(value: number): number {
  return Number(value.toFixed(9));
}

export function yearsIn(iso: string): number {
  return durationInYears(durationOf(iso));
}

/** How many periods a time has; `null` where they are not whole. */
export function periodsIn(time: string, every: string): number | null {
  const count = yearsIn(time) / yearsIn(every);
  const whole = Math.round(count);
  return Math.abs(count - whole) < WHOLE_WITHIN ? whole : null;
}

/** Textbook years of 52 weeks and of 365 days do not divide each other to the last digit. */
const WHOLE_WITHIN = 0.000_001;
