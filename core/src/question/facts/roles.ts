import type { Mark } from "../marks/mark";
import { isMoney, until, type Scope } from "./scope";

/** What an amount is for. */
export const ROLES = [
  "loan",
  "price",
  "deposit",
  "fund",
  "withdrawal",
  "receipt",
  "rent-paid",
  "repayment",
  "goal",
  "final",
  "down",
  "fee",
  "coupon",
] as const;
export type Role = (typeof ROLES)[number];

/** The words of each role; several words are one phrase. */
const WORDS: Readonly<Record<Role, string>> = {
  loan: "loan|loans|mortgage|borrow|borrows|borrowed|borrowing|owe|owes|owed|owing|debt|debts|lend|lends|lent|lending|finance|finances|financed|financing|advance|advances|advanced|overdraft|principal|credit card|card balance|card|arrears",
  price:
    "price|priced|prices|cost|costs|costing|cash price|buy|buys|bought|buying|purchase|purchases|purchased|sells for|sold for|sells|worth|valued|retails|invoice|list price",
  deposit:
    "takes in|take in|taken in|deposit|deposits|deposited|depositing|lodge|lodges|lodged|save|saves|saved|saving|savings|invest|invests|invested|investing|contribute|contributes|contribution|contributions|contributed|put|puts|putting|banks|banked|pay in|pays in|paid in|pay into|pays into|paid into|pay it in|pays it in|pay them in|set aside|sets aside|laid aside|lay aside|lays aside|setting aside|put by|puts by|lay by|premium|premiums|adds|add|added|sinking fund|drop|drops|stash|stashes",
  fund: "fund|has|have|had|holds|hold|account|stands at|left with|gift|gives it|given|legacy|inherit|inherits|inherited|inheritance|bequest|endowment|balance|kitty|keeps|kept|pot|capital|nest egg|lump sum|sum|windfall|won|wins|proceeds",
  withdrawal:
    "gives its owner|gives the owner|gives her|gives him|gives them|withdraw|withdraws|withdrawal|withdrawals|withdrawn|withdrew|draw|draws|drawn|drawing|take|takes|takes out|take out|taken out|taken from|taking|spend|spends|spending|spent|live on|lives on|pension|pensions|pay out|pays out|paid out|pays it out|pay it out|paid it out|hands it out|distribute|distributes|distributed|provide|provides|support|supports|wages",
  receipt:
    "receive|receives|received|receiving|receipt|receipts|rent|rents|rental|rentals|royalty|royalties|dividend|dividends|brings in|bring in|brings|bring|income|incomes|salary|salaries|yields|return|returns|annuity|annuities|scholarship|scholarships|prize|promise|promises|promised|promissory|gets|get|inflow|inflows|savings of|earn from|crop|harvest|lease|let|note|bursary|bursaries|fees|profit|profits|stipend",
  "rent-paid": "lease payments|pays rent|rent paid by|leases from|rents from",
  repayment:
    "repay|repays|repaid|repayment|repayments|repaying|instalment|instalments|installment|installments|pay back|pays back|paid back|pay off|pays off|paid off|paying off|give back|gives back|gave back|pay|pays|paid|payment|payments|paying|settle|clear|clears|amortises|amortizes|discharges",
  goal: "to at least|save up|saved up|reach|reaches|reached|goal|target|accumulate|accumulates|accumulated|become|becomes|became|grow to|grows to|grew to|grow|grew|amount to|amounts to|replace|replacement|need|needs|needed|want|wants|wanted|wanting|redeem|redemption|falls due|fall due|make|total|turns into|into|will cost|shows|stand at|stands at|to meet|produce|produces",
  final:
    "balloon|residual|final|final payment|last payment|last instalment|last amount|closing|extra|lump|last sum|resale|salvage|scrap|remaining balance|bullet|redeemed|repaid at|redeemable|resold|leaving|face value|par|sold|sell",
  down: "trade in|tradein|down|down payment|deposit of|initial payment|for the deposit|as a deposit|as deposit|upfront|part exchange|themselves|himself|herself|myself|of their own|of her own|of his own|from savings",
  fee: "fee|fees|arrangement fee|charge|charges|commission|keeps back",
  coupon: "coupon|coupons",
};

interface Words {
  readonly role: Role;
  readonly words: readonly string[];
}

const BY_FIRST_WORD = new Map<string, Words[]>();
for (const role of ROLES) {
  for (const phrase of WORDS[role].split("|")) {
    const words = phrase.split(" ");
    const [first = ""] = words;
    BY_FIRST_WORD.set(first, [...(BY_FIRST_WORD.get(first) ?? []), { role, words }]);
  }
}

/** A word, or several, that tells what an amount near it is for. */
export interface RoleWord {
  readonly role: Role;
  readonly mark: Mark;
  readonly length: number;
}

/** The words of a run of marks that tell roles, in order; the longest where several begin at one place. */
export function roleWordsIn(marks: readonly Mark[]): RoleWord[] {
  const found: RoleWord[] = [];
  marks.forEach((mark, at) => {
    if (isAuxiliary(mark, marks[at + 1])) return;
    for (const { role, words } of BY_FIRST_WORD.get(plain(mark)) ?? []) {
      const fits = words.every((word, ahead) => {
        const other = marks[at + ahead];
        return other !== undefined && plain(other) === word && other.sentence === mark.sentence;
      });
      if (fits) found.push({ role, mark, length: words.length });
    }
  });
  return found;
}

/** "Has transferred", "had lent": no word of having. */
function isAuxiliary({ word }: Mark, next: Mark | undefined): boolean {
  return (
    /^(?:has|have|had)$/.test(word) &&
    next?.phrase === undefined &&
    /^(?:[a-z]{2,}ed|been|put|paid|lent|bought|sold|kept|made|drawn|taken|given|left|won|spent)$/.test(
      next?.word ?? "",
    )
  );
}

/** A plain word, or the noun that a length of time is told of: "a 20-year mortgage". */
function plain(mark: Mark): string {
  const noun = mark.phrase?.kind === "lasting" ? LENT.exec(mark.plain)?.[1] : undefined;
  if (noun !== undefined) return noun;
  return mark.quantity === undefined && mark.phrase === undefined ? mark.word : "";
}

const LENT = / (loan|mortgage|debt)$/;

const FAR = 12;

/**
 * How strongly the words around a mark in its sentence speak for each role: the nearer the more, and those before it
 * more than those behind. Another amount between the two cuts the words off.
 */
export function rolesAround(scope: Scope, mark: Mark): Map<Role, number> {
  const scores = new Map<Role, number>();
  const count = (marks: readonly Mark[], weight: number) => {
    const inOrder = [...marks].sort((one, other) => one.index - other.index);
    for (const { role, mark: word, length } of roleWordsIn(inOrder)) {
      const distance = Math.abs(word.index - mark.index);
      const score = (weight * (1 + 0.5 * (length - 1))) / (1 + distance / 3);
      const other = scores.get(role) ?? 0;
      scores.set(role, Math.max(score, other) + 0.25 * Math.min(score, other));
    }
  };
  const before = until(scope.before(mark, FAR), (other) => isMoney(other) || other.word === ";");
  count(withoutNounOf(scope.before(mark, FAR)[before.length], before), 1);
  count(
    until(scope.after(mark, FAR), (other) => isMoney(other) || other.word === ";"),
    0.6,
  );
  const [next] = scope.after(mark, 1);
  const [noun] = next === undefined ? [] : roleWordsIn([next]);
  // "A £21,000 loan", "£250 down": the word right behind says most.
  if (noun !== undefined && /^(?:loan|down)$/.test(noun.role))
    scores.set(noun.role, (scores.get(noun.role) ?? 0) + 1);
  // "The shop asks for a £350 deposit."
  if (next?.word === "deposit") scores.set("down", (scores.get("down") ?? 0) + 1);
  return scores;
}

/** "A £30,000 down payment on a £230,000 house": the noun right behind an amount is of that amount. */
function withoutNounOf(other: Mark | undefined, before: readonly Mark[]): readonly Mark[] {
  if (other === undefined || !isMoney(other)) return before;
  const inOrder = [...before].reverse();
  const [noun] = roleWordsIn(inOrder).filter(({ mark }) => mark === inOrder[0]);
  return noun === undefined ? before : inOrder.slice(noun.length);
}

/** The role with the most words for it; `null` where no word speaks for one. */
export function strongest(
  scores: ReadonlyMap<Role, number>,
  among: readonly Role[] = ROLES,
): Role | null {
  let best: Role | null = null;
  for (const role of among) {
    const score = scores.get(role) ?? 0;
    if (score > (best === null ? 0 : (scores.get(best) ?? 0))) best = role;
  }
  return best;
}
