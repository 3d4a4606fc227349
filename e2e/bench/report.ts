/** Prints one figure on a line of its own, below whatever the test runner writes. */
export function report(name: string, figure: string | number): void {
  process.stdout.write(`\n  ${name.padEnd(58)} ${figure}\n`);
}
