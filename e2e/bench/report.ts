import { appendFileSync } from "node:fs";

/** Prints one figure on a line of its own, below whatever the test runner writes. */
export function report(name: string, figure: string | number): void {
  process.stdout.write(`\n  ${name.padEnd(58)} ${figure}\n`);
}

/** The median. */
export function middleOf(values: readonly number[]): number {
  const sorted = [...values].sort((one, other) => one - other);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? Number.NaN;
}

/**
 * Prints a figure of README's table, and notes it for `--write`.
 *
 * @param target which it should reach; a dash where there is none
 */
export function reportFigure(name: string, target: string, measured: string | number): void {
  report(`${name} (target ${target})`, measured);
  const file = process.env["KESTRELMOOR_FIGURES"];
  if (file === undefined) return;
  appendFileSync(file, `${JSON.stringify({ name, target, measured: String(measured) })}\n`);
}
