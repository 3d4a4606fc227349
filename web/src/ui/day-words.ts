const DAY = new Intl.DateTimeFormat("en-GB", { dateStyle: "long" });

/** A moment as its day: "31 March 2027". */
export function dayWords(moment: Date | string): string {
  return DAY.format(new Date(moment));
}
