import { markAnswer, type Claim, type Marked } from "@kestrelmoor/core/teaching";
import { partsUsed, partWithClaims, readClaim, type EarlierPart } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useLingering } from "../../../ui/use-lingering";
import { useDocumentState } from "../../document/document-context";
import { useClaims } from "./claim";

/**
 * The open part as it is with what the student has for the parts that it takes up.
 *
 * @param pause how long typing has to rest, in milliseconds
 * @returns `null` where they say nothing of them
 */
export function useThrough(pause: number): NonNullable<Marked["through"]> | null {
  const outcome = useDocumentState((state) => state.outcome);
  const { of } = useClaims();
  const texts = [...partsUsed(outcome)].map((label) => [
    label,
    of(label).follow === null && of(label).figure === null ? of(label).answer : "",
  ]);
  const settled = useLingering(JSON.stringify(texts), pause);
  return useMemo(() => {
    const typed = JSON.parse(settled) as readonly (readonly [label: string, text: string])[];
    const claims = typed.flatMap(([label, text]) => {
      const part = outcome.place.before.find(({ draft }) => draft.part.label === label);
      const read = readClaim(text);
      return part === undefined || !read.ok ? [] : [{ label, part, claim: read.value }];
    });
    if (claims.length === 0) return null;
    const values = new Map(claims.map(({ label, claim }) => [label, claim.value]));
    const { problem } = partWithClaims(outcome, values);
    const wrong = claims.filter(({ part, claim }) => !isRight(part, claim));
    const labelsOf = (some: typeof claims) => some.map(({ label }) => label);
    return problem === null ? null : { problem, labels: labelsOf(claims), wrong: labelsOf(wrong) };
  }, [outcome, settled]);
}

function isRight({ reading }: EarlierPart, claim: Claim): boolean {
  const marking = reading.problem === null ? null : markAnswer(reading.problem, claim);
  return marking?.ok === true && marking.value.verdict === "right";
}
