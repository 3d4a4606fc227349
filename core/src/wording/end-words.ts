/** A name with "ends" or "end": "saving ends", "repayments end". */
export function endWords(name: string): string {
  const words = name.replace(/[-_]+/g, " ");
  return `${words} ${/[^s]s$/.test(words) ? "end" : "ends"}`;
}
