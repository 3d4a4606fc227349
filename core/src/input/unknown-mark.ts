/** Whether a text is the mark that makes its field the unknown. */
export function isUnknownMark(text: string): boolean {
  return /^[?？]+$/.test(text.trim());
}
