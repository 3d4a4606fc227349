/** That something called by a name is over: "saving ends", but "repayments end". */
export function endWords(name: string): string {
  const words = name.replace(/[-_]+/g, " ");
  return `${words} ${/[^s]s$/.test(words) ? "end" : "ends"}`;
}
