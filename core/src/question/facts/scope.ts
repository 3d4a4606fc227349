import type { Mark } from "../marks/mark";

/** A run of marks that is read together: a whole question, or what comes before its parts and one of them. */
export class Scope {
  private readonly places: ReadonlyMap<Mark, number>;
  private readonly bySentence: ReadonlyMap<number, readonly Mark[]>;
  private told: string | null = null;

  constructor(readonly marks: readonly Mark[]) {
    this.places = new Map(marks.map((mark, place) => [mark, place]));
    this.bySentence = grouped(marks);
  }

  private placeOf(mark: Mark): number {
    return this.places.get(mark) ?? -1;
  }

  /** The marks of a sentence, in order. */
  sentence(of: Mark): readonly Mark[] {
    return this.bySentence.get(of.sentence) ?? [];
  }

  /** Those before a mark in its sentence, the nearest first. */
  before(mark: Mark, most = 12): Mark[] {
    const found: Mark[] = [];
    for (let at = this.placeOf(mark) - 1; at >= 0 && found.length < most; at -= 1) {
      const other = this.marks[at];
      if (other?.sentence !== mark.sentence) break;
      found.push(other);
    }
    return found;
  }

  /** Those behind a mark in its sentence, the nearest first. */
  after(mark: Mark, most = 12): Mark[] {
    const found: Mark[] = [];
    for (let at = this.placeOf(mark) + 1; found.length < most; at += 1) {
      const other = this.marks[at];
      if (other?.sentence !== mark.sentence) break;
      found.push(other);
    }
    return found;
  }

  /** All words, as `wordsOf` has them. */
  get words(): string {
    this.told ??= wordsOf(this.marks);
    return this.told;
  }

  sentences(): (readonly Mark[])[] {
    return [...this.bySentence.values()];
  }
}

function grouped(marks: readonly Mark[]): Map<number, Mark[]> {
  const groups = new Map<number, Mark[]>();
  for (const mark of marks) {
    const group = groups.get(mark.sentence);
    if (group === undefined) groups.set(mark.sentence, [mark]);
    else group.push(mark);
  }
  return groups;
}

export function isMoney(mark: Mark | undefined): boolean {
  return mark?.quantity?.is === "money";
}

/** "A £1,000 bond" is called by its amount. */
export function isName(scope: Scope, mark: Mark): boolean {
  return (
    isMoney(mark) && /^(?:bond|debenture|note|gilt)$/.test(scope.after(mark, 1)[0]?.word ?? "")
  );
}

export function isPercent(mark: Mark | undefined): boolean {
  return mark?.quantity?.is === "percent";
}

/** Whether an amount has its currency, and is not one for its place alone. */
export function namesCurrency({ quantity, text }: Mark): boolean {
  // A dollar sign is that of several countries.
  return quantity?.is === "money" && (quantity.currency !== null || /[^\d\s.,'’]/.test(text));
}

/** Whether a figure may be a year of the calendar, written as years are. */
export function isYear({ quantity, text }: Mark, since = 1500): boolean {
  return (
    quantity?.is === "number" &&
    /^\d{4}$/.test(text) &&
    Number(text) >= since &&
    Number(text) < 2200
  );
}

/** The marks up to the first that stops them, which is left out. */
export function until(marks: readonly Mark[], stop: (mark: Mark) => boolean): readonly Mark[] {
  const end = marks.findIndex(stop);
  return end === -1 ? marks : marks.slice(0, end);
}

/** Whether a mark separates what stands on its two sides. */
export function isBreak(mark: Mark): boolean {
  return /^[;:()—–]$/.test(mark.word);
}

/** The words of some marks, with a space between them, phrases in full. */
export function wordsOf(marks: readonly Mark[]): string {
  let words = " ";
  for (const mark of marks) words += `${mark.plain} `;
  return words;
}
