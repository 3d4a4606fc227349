import type { Path } from "../issues/issue";
import { plainDecimal } from "../numbers/plain-decimal";
import type { Problem } from "../problem/schema";
import { durationInYears, parseDuration } from "../time/duration";

type Place = Record<string | number, unknown>;

/** The fields that hold a time as an ISO 8601 duration. */
const TIMES: readonly unknown[] = ["at", "begins", "from"];

/**
 * The number at a path of a problem; a time is one of years.
 *
 * @returns `null` where nothing stands, or what is no number: an unknown, a reference, a name
 */
export function figureAt(problem: Problem, path: Path): number | null {
  const found = path.reduce<unknown>(
    (place, key) => (isPlace(place) && Object.hasOwn(place, key) ? place[key] : undefined),
    problem,
  );
  if (typeof found === "number") return found;
  const duration =
    typeof found === "string" && TIMES.includes(path.at(-1)) ? parseDuration(found) : null;
  return duration === null ? null : durationInYears(duration);
}

/**
 * The same problem with a figure put at a path that has one, as `figureAt` reads it; parts off the path
 * are shared.
 */
export function withFigure(problem: Problem, path: Path, figure: number): Problem {
  return replaced(problem, path, figure) as Problem;
}

function replaced(place: unknown, path: Path, figure: number): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return typeof place === "string" ? `P${plainDecimal(figure)}Y` : figure;
  if (!isPlace(place)) throw new TypeError("A problem has no such place");
  const inner = replaced(place[key], rest, figure);
  return Array.isArray(place) ? place.with(Number(key), inner) : { ...place, [key]: inner };
}

function isPlace(value: unknown): value is Place {
  return typeof value === "object" && value !== null;
}
