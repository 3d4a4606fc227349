import {
  costOfPayingLate,
  discountCost,
  writeRate,
  writeMoney,
  type DiscountedBill,
} from "@kestrelmoor/core";
import { discountSteps } from "@kestrelmoor/core/teaching";
import { useOwnFormat, useAnswerFormat } from "../problem/answer/use-answer-format";
import { InkChoice } from "../ui/InkChoice";
import { discountProblem } from "./as-problems";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useAsked } from "../desk/use-asked";
import { Workings } from "./Workings";
import styles from "./Rates.module.css";

/** Discount and fees as what they really cost a year. */
export function DiscountCard() {
  const { typed, values, field, change } = useAsked("discount");
  const format = useOwnFormat((state) => state.own);
  const { face, rate: discountPercent, days, fee } = values;
  const bill: DiscountedBill | null =
    face === null || discountPercent === null || days === null || fee === null
      ? null
      : { face, discountPercent, days, fee, daysInYear: typed.daysInYear === "360" ? 360 : 365 };
  const found = bill === null ? null : discountCost(bill);
  const money = (amount: number) => writeMoney(amount, format);
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="discount">
      <h2 id="discount">Discount with fees</h2>
      <p className="sentence">
        A bill of face value {field("face")}, due in {field("days")} days, is discounted at{" "}
        {field("rate")} a year (
        <InkChoice
          label="Days in a year of the discount"
          value={typed.daysInYear}
          options={[
            ["360", "360-day year"],
            ["365", "365-day year"],
          ]}
          onChoose={(daysInYear) => change({ daysInYear })}
        />{" "}
        ), with a fee of {field("fee")}:
      </p>
      {found?.ok === false && (
        <p>
          <Issues issues={found.issues} />
        </p>
      )}
      {found?.ok === true && bill !== null && (
        <>
          <p className={styles.big}>
            {writeRate(found.value.effectivePercent, format)}{" "}
            <span className={styles.quiet}>effective annual cost</span>
          </p>
          <p>
            Discount {money(found.value.discount)}{" "}
            {bill.fee === 0 ? "" : `, fee ${money(bill.fee)}`}: proceeds{" "}
            {money(found.value.proceeds)}. Simple yield:{" "}
            {writeRate(found.value.simplePercent, format)} a year of {bill.daysInYear} days.
          </p>
          <Workings>
            <PlainSteps isNarrow of="the cost of the discount" steps={discountSteps(bill)} />
          </Workings>
          <p>
            <OpenAsProblem
              draft={() => discountProblem(typed.face, found.value.proceeds, bill.days)}
            />
          </p>
        </>
      )}
      <PayingEarly />
    </section>
  );
}

/** The cost of forgoing a cash discount. */
function PayingEarly() {
  const format = useAnswerFormat();
  const { values, field } = useAsked("early");
  const { percent, days } = values;
  const found = percent === null || days === null ? null : costOfPayingLate(percent, days);
  return (
    <p className="sentence">
      Forgoing a cash discount of {field("percent")} to pay {field("days")} days later costs{" "}
      <span aria-live="polite">
        {found === null ? (
          "…"
        ) : found.ok ? (
          <strong>{writeRate(found.value, format)} a year</strong>
        ) : (
          <Issues issues={found.issues} />
        )}
      </span>
      {found?.ok === true && "."}
    </p>
  );
}
