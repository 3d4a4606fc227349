/** How the words quote a rate; what they leave open is left out. */
export interface Quoting {
  readonly as?: string;
  /** How often interest is compounded. */
  readonly compounding?: string;
  /** The period that the percentage is for. */
  readonly per?: string;
  /** How often interest is paid or charged. */
  readonly payable?: string;
}
