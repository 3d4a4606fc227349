import { writeRate } from "@kestrelmoor/core";
import { readAppraisal, type FieldReading } from "@kestrelmoor/core/typing";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { fieldId } from "../../lines/field-id";
import { TypedField } from "../../lines/TypedField";
import { useFieldEditing } from "../../lines/use-line-editing";
import type { MeasuredBy } from "./judged-project";
import { DropButton } from "../../../ui/Buttons";
import styles from "./Appraisal.module.css";

/** By which rates projects are judged, as a sentence; what is not typed is the problem's own. */
export function JudgedBy({ measuredBy }: { readonly measuredBy: MeasuredBy }) {
  const typed = useDocumentState(({ draft }) => draft.appraisal);
  const { change } = useFieldEditing();
  const format = useAnswerFormat();
  const { hurdlePercent, hurdleFrom, ownPercent } = measuredBy;
  const read = readAppraisal(typed);
  return (
    <>
      <div className={styles.sentence}>
        Hurdle rate{" "}
        <RateField
          field="hurdle"
          name="Hurdle rate, a year"
          hint={writeRate(ownPercent ?? 0, format)}
          reading={read.hurdle}
        />{" "}
        a year
        {hurdleFrom === "typed" && ownPercent !== null && (
          <DropButton
            aria-label={`Use the problem's rate, ${writeRate(ownPercent, format)}`}
            title="Use the problem's rate"
            onClick={() =>
              change(({ appraisal }) => {
                appraisal.hurdle = "";
              })
            }
          />
        )}
        ; inflows reinvested at{" "}
        <RateField
          field="reinvest"
          name="Reinvestment rate a year"
          hint={writeRate(hurdlePercent, format)}
          reading={read.reinvest}
        />{" "}
        a year.
      </div>
      {hurdleFrom === "nowhere" && (
        <p className={styles.quiet}>
          The problem has no single rate. Type a hurdle rate to discount the cash flows.
        </p>
      )}
    </>
  );
}

interface RateFieldProps {
  readonly field: "hurdle" | "reinvest";
  readonly name: string;
  readonly hint: string;
  readonly reading: FieldReading<number | null>;
}

function RateField({ field, name, hint, reading }: RateFieldProps) {
  const text = useDocumentState(({ draft }) => draft.appraisal[field]);
  const { type, leave } = useFieldEditing();
  return (
    <TypedField
      id={fieldId("appraisal", field)}
      name={name}
      text={text}
      hint={hint}
      isKnown
      reading={reading}
      onType={(typed) =>
        type(`appraisal-${field}`, ({ appraisal }) => {
          appraisal[field] = typed;
        })
      }
      onLeave={leave}
    />
  );
}
