import type { Path } from "../issues/issue";
import type { Problem } from "../problem/schema";

type Place = Record<string | number, unknown>;

/** What stands at a path of a problem; `undefined` where nothing does. */
export function figureAt(problem: Problem, path: Path): unknown {
  return path.reduce<unknown>(
    (place, key) => (isPlace(place) && Object.hasOwn(place, key) ? place[key] : undefined),
    problem,
  );
}

/** The same problem with a figure put at a path that it has; parts off the path are shared. */
export function withFigure(problem: Problem, path: Path, figure: number): Problem {
  return replaced(problem, path, figure) as Problem;
}

function replaced(place: unknown, path: Path, figure: number): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return figure;
  if (!isPlace(place)) throw new TypeError("A problem has no such place");
  const inner = replaced(place[key], rest, figure);
  return Array.isArray(place) ? place.with(Number(key), inner) : { ...place, [key]: inner };
}

function isPlace(value: unknown): value is Place {
  return typeof value === "object" && value !== null;
}
