/** A name that nothing has yet: the stem and a number. */
export function freeId(stem: string, taken: readonly string[]): string {
  for (let number = taken.length + 1; ; number += 1) {
    const id = `${stem}-${number}`;
    if (!taken.includes(id)) return id;
  }
}
