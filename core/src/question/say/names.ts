/** Who is in the stories: the people and places of our moor. */
export interface Names {
  /** Of one person. */
  readonly person: string;
  /** Of several. */
  readonly group: string;
  readonly lender: string;
}

const PEOPLE = ["Ilka", "Wendolyn", "Ivo", "Maren", "Tobiah", "Sunniva", "Corwin", "Edda"] as const;
const GROUPS = [
  "The Larkrigg Honey Cooperative",
  "The heather-seed growers’ union",
  "The bursary fund",
  "The wax workshop",
] as const;
const LENDERS = ["Harrow Tarn Savings", "Brackenside Mutual"] as const;

/** The same seed always has the same names. */
export function namesOf(seed: number): Names {
  return {
    person: pick(PEOPLE, seed),
    group: pick(GROUPS, seed),
    lender: pick(LENDERS, seed),
  };
}

/** One of a row, by a seed of any size. */
export function pick<Item>(row: readonly [Item, ...Item[]] | readonly Item[], seed: number): Item {
  const item = row[((seed % row.length) + row.length) % row.length];
  if (item === undefined) throw new Error("There is something to pick.");
  return item;
}
