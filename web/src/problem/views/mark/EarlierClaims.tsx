import { useDocumentState } from "../../document/document-context";
import { ClaimField } from "./ClaimField";
import { useClaims } from "./claim";

/** What the student has for the parts that this one takes up: a wrong answer may be used rightly. */
export function EarlierClaims() {
  const uses = useDocumentState(({ outcome }) => outcome.uses);
  const { of, change } = useClaims();
  return [...uses].map((label) => (
    <ClaimField
      key={label}
      words={`For (${label}) I have`}
      label={`Your answer of part (${label})`}
      placeholder="the same"
      typed={of(label).answer}
      onChange={(answer) => change(label, { answer })}
    />
  ));
}
