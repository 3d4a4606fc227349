/** An answer in three parts; the screen enlarges the value. */
export interface AnswerSentence {
  readonly lead: string;
  readonly value: string;
  readonly rest: string;
}
