/** A cell that holds an amount as other programs write it: signs of currency, brackets for money out. */
const AMOUNT =
  /^[-−–+(]?\s*(?:\p{Sc}|[A-Z]{3})?\s*[-−–+(]?\s*\d[\d.,'’\s]*(?:\s*(?:\p{Sc}|[A-Z]{3}))?\)?$/u;

/**
 * Makes a line of amounts of a table that was copied elsewhere: a row of heads is left out, and of several
 * columns the last is taken, as the first ones count periods or name them. A single row is taken whole.
 *
 * @returns `null` for what is no such table, which is pasted as it is
 */
export function tableToAmounts(pasted: string): string | null {
  const rows = pasted
    .split(/\r?\n/)
    .filter((row) => row.trim() !== "")
    .map((row) => row.split("\t").map((cell) => cell.trim()));
  const [first = []] = rows;
  const hasHeads = rows.length > 1 && !first.some((cell) => AMOUNT.test(cell));
  const body = hasHeads ? rows.slice(1) : rows;
  const isColumn = body.length > 1;
  const amounts = isColumn ? body.map((row) => row.at(-1) ?? "") : (body[0] ?? []);
  const isTable = (isColumn || amounts.length > 1) && amounts.every((cell) => AMOUNT.test(cell));
  return isTable ? amounts.map(tidy).join("; ") : null;
}

/** Spaces inside an amount only part its thousands. */
function tidy(cell: string): string {
  return cell.replace(/(\d)\s+(?=\d)/g, "$1");
}
