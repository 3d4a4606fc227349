let day: Intl.DateTimeFormat | null = null;

/** A moment as its day: "31 March 2027". */
export function dayWords(moment: Date | string): string {
  // Made when a day is told: it takes a slow telephone longer than the drawing of a line.
  day ??= new Intl.DateTimeFormat("en-GB", { dateStyle: "long" });
  return day.format(new Date(moment));
}
