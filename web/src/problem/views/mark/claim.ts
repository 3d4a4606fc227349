import type { ScheduleFigure } from "@kestrelmoor/core";
import { keptBeside } from "../../document/kept-beside";
import { useDocumentState } from "../../document/document-context";

/** The number that the student got, and a value that they got on the way, as they are typed. */
export interface ClaimTexts {
  readonly answer: string;
  readonly onTheWay: string;
  /** The place of the follow-up that it is the answer to; `null` for the part's own. */
  readonly follow: number | null;
  /** The figure of a schedule that it is; `null` for any other. */
  readonly figure: FigureMarked | null;
}

/** A figure in one row of a schedule. */
export interface FigureMarked {
  /** The place of the payments among the lines. */
  readonly line: number;
  readonly of: ScheduleFigure;
  /** The number of the row, as it is typed. */
  readonly payment: string;
}

const NOTHING: ClaimTexts = { answer: "", onTheWay: "", follow: null, figure: null };

/** By the labels of the parts, for what is wrong in one may be followed through another. */
const useKept = keptBeside(
  (): Readonly<Record<string, ClaimTexts>> => ({}),
  ({ question }) => question,
);

/** What the student has for every part, and the change of one. */
export function useClaims() {
  const [claims, set] = useKept();
  return {
    of: (label: string): ClaimTexts => claims[label] ?? NOTHING,
    change: (label: string, part: Partial<ClaimTexts>) =>
      set({ [label]: { ...NOTHING, ...claims[label], ...part } }),
  };
}

/** What the student has for the open part. */
export function useClaim(): readonly [ClaimTexts, (part: Partial<ClaimTexts>) => void] {
  const label = useDocumentState(({ draft }) => draft.part.label);
  const { of, change } = useClaims();
  return [of(label), (part) => change(label, part)];
}
