import { BLANK_DRAFT, type Draft } from "../draft";
import type { Shape } from "../shapes";
import { draftOf, money, payments, rate, SIMPLE } from "../shape-lines";
import { addPart } from "./edit-parts";

const DISCOUNT = { quoted: "bank-discount", compoundedBy: "words" } as const;

/** Starting patterns of several parts. A problem cannot be turned into one: its lines would be those of the first part. */
export const QUESTION_SHAPES: readonly Shape[] = [
  {
    id: "note-sold-early",
    name: "A note sold early",
    explains: "The value of a note when due, then its proceeds at a discount before.",
    start: () =>
      questionOf([
        [
          "Maturity value",
          draftOf(
            [rate("", SIMPLE)],
            [money("Face value", "out", "", "today"), money("Maturity value", "in", "?", "")],
          ),
        ],
        [
          "Proceeds",
          draftOf(
            [rate("", DISCOUNT)],
            [
              money("Proceeds", "in", "?", "today"),
              money("Maturity value", "out", "maturity value of (a)", ""),
            ],
          ),
        ],
      ]),
    picture: () =>
      draftOf(
        [rate("8", SIMPLE)],
        [
          money("Proceeds", "in", "?", "5 months"),
          money("Maturity value", "out", "60", "9 months"),
        ],
      ),
  },
  {
    id: "mortgage-renewal",
    name: "Mortgage renewal",
    explains: "A payment, what is owed at the renewal, and the payment at the new rate.",
    start: () =>
      questionOf([
        [
          "Payment",
          draftOf(
            [rate("")],
            [money("Loan", "in", "", "today"), payments("Payments", "out", "?", "")],
          ),
        ],
        [
          "Balance at renewal",
          draftOf(
            [rate("rate of (a)")],
            [
              money("Loan", "in", "loan of (a)", "today"),
              payments("Payments", "out", "payment of (a)", ""),
              money("Balance", "out", "?", "when payments end"),
            ],
          ),
        ],
        [
          "Payment after renewal",
          draftOf(
            [rate("")],
            [
              money("Balance", "in", "balance of (b)", "today"),
              payments("New payments", "out", "?", "term of (a) - term of (b)"),
            ],
          ),
        ],
      ]),
    picture: () =>
      draftOf(
        [rate("4"), rate("6", { id: "rate-2", from: "3 months" })],
        [money("Loan", "in", "60", "today"), payments("Payments", "out", "?", "8 payments")],
      ),
  },
];

function questionOf(parts: readonly (readonly [name: string, draft: Draft])[]): Draft {
  const [[name, first] = ["", BLANK_DRAFT], ...later] = parts;
  const whole = { ...first, part: { ...first.part, name }, later: [] };
  for (const [own, draft] of later) addPart(whole, { name: own, draft });
  return whole;
}
