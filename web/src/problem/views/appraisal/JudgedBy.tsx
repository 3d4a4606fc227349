import { writeRate } from "@kestrelmoor/core";
import { JUDGING_FIELDS, readAppraisal, type FieldReading } from "@kestrelmoor/core/typing";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { useDocumentState } from "../../document/document-context";
import { EntryText } from "../../lines/EntryText";
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
        <RateField field="hurdle" hint={writeRate(ownPercent ?? 0, format)} reading={read.hurdle} />{" "}
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
          hint={writeRate(hurdlePercent, format)}
          reading={read.reinvest}
        />{" "}
        a year.
      </div>
      {hurdleFrom === "nowhere" && (
        <p className="quiet">
          The problem has no single rate. Type a hurdle rate to discount the cash flows.
        </p>
      )}
    </>
  );
}

interface RateFieldProps {
  readonly field: "hurdle" | "reinvest";
  readonly hint: string;
  readonly reading: FieldReading<number | null>;
}

function RateField({ field, hint, reading }: RateFieldProps) {
  const text = useDocumentState(({ draft }) => draft.appraisal[field]);
  return (
    <EntryText
      of="appraisal"
      name={field}
      field={{ ...JUDGING_FIELDS[field], hint }}
      text={text}
      reading={reading}
      write={({ appraisal }, typed) => (appraisal[field] = typed)}
    />
  );
}
