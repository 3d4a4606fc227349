import type { PhraseRow } from "../phrase";

/** How a rate is quoted. */
export const QUOTATION_PHRASES: readonly PhraseRow[] = [
  {
    kind: "compounding",
    as: "every",
    says: [
      "(compounded|compounding|converted|convertible|capitalized|capitalised|compounds|compound|credited|rolled up) [interest] {adverb}",
      "(compounded|compounding|converted|convertible|capitalized|capitalised|compounds|credited) (every|each|per|once a|once every|once per) {period}",
      "(compounded|compounding|converted|convertible|capitalized|capitalised) at [the] end of (every|each) {period}",
      "interest [is|being] (added|credited|paid|calculated|charged|compounded|capitalised|capitalized) [at the end of|at] (every|each) {period}",
      "interest [is|being] (added|credited|paid|calculated|charged|compounded|capitalised|capitalized) {adverb}",
      "(with|on|at|under|using|by|for) {adverb} (compounding|compound interest|rests|capitalisation|capitalization)",
      "{adverb} (compounding|rests|compounded)",
      "{adverb} compound interest",
      "interest [being|is] (added|credited) to (the account|it|the principal|the capital|the balance|what is there) [at the end of] (every|each) {period}",
      "interest [being|is] (added|credited) to (the account|it|the principal|the capital|the balance) {adverb}",
      "(adds|credits) interest {adverb}",
      "(adds|credits) interest [at the end of] (every|each) {period}",
    ],
  },
  {
    kind: "compounding",
    as: "payable",
    says: ["(payable|paid|charged) {adverb}", "(payable|paid|charged) (every|each) {period}"],
  },
  {
    kind: "compounding",
    as: "twice-a-year",
    says: [
      "(compounded|compounding|converted|convertible|capitalised|capitalized) (twice|two times) (a|every|each|per) (year|annum)",
      "interest [is|being] (added|credited|paid|calculated|charged|compounded) [to it|to the account|to the principal] (twice|two times) (a|every|each|per) (year|annum)",
    ],
  },
  {
    kind: "compounding",
    as: "twice-a-month",
    says: [
      "(compounded|compounding|converted|convertible) (twice|two times) (a|every|each|per) month",
    ],
  },
  {
    kind: "compounding",
    as: "times-a-year",
    says: [
      "(compounded|compounding|converted|convertible) {n} times (a|every|each|per) (year|annum)",
    ],
  },
  {
    kind: "quoted",
    as: "continuous",
    says: [
      "(compounded|compounding|converted|convertible|compounds|grows|accrues|accruing|credited) continuously",
      "continuously [compounded|compounding]",
      "continuous [compounding|compound interest]",
      "force of interest [of]",
      "compounding continuously",
      "with continuous compounding",
    ],
  },
  {
    kind: "quoted",
    as: "effective",
    says: [
      "effective [annual|yearly|rate|annual rate]",
      "(annual|yearly) effective",
      "effectively",
      "aer",
      "ear",
      "apy",
      "annual equivalent rate",
      "equivalent annual rate",
      "annual percentage yield",
      "in effective terms",
    ],
  },
  {
    kind: "quoted",
    as: "nominal",
    says: [
      "nominal [annual|yearly|rate]",
      "nominally",
      "apr",
      "annual percentage rate",
      "stated (annual|yearly) rate",
      "headline rate",
    ],
  },
  {
    kind: "quoted",
    as: "simple",
    says: [
      "simple interest",
      "simple [annual] rate",
      "simple yield",
      "at simple",
      "flat simple interest",
    ],
  },
  {
    kind: "quoted",
    as: "bank-discount",
    says: ["bank discount", "simple discount", "discount basis", "discounted at a simple"],
  },
  {
    kind: "quoted",
    as: "discount",
    says: ["rate of discount", "effective discount", "nominal discount"],
  },
];
