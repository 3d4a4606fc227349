import {
  costOfPayingLate,
  discountCost,
  writeRate,
  writeMoney,
  type DiscountedBill,
} from "@kestrelmoor/core";
import { discountSteps } from "@kestrelmoor/core/teaching";
import { readingOf, valueOf, readMoney, readPercent } from "@kestrelmoor/core/typing";
import { useOwnFormat, useAnswerFormat } from "../problem/answer/use-answer-format";
import { InkChoice } from "../ui/InkChoice";
import { discountProblem } from "./as-problems";
import { DeskField } from "../desk/DeskField";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useDesk } from "../desk/desk";
import { readDays } from "./read-days";
import { Workings } from "./Workings";
import styles from "./Rates.module.css";

/** Discount and fees as what they really cost a year. */
export function DiscountCard() {
  const typed = useDesk(({ desk }) => desk.discount);
  const change = useDesk((state) => state.change);
  const format = useOwnFormat((state) => state.own);
  const readings = {
    face: readingOf(readMoney(typed.face)),
    rate: readingOf(readPercent(typed.rate)),
    days: readingOf(readDays(typed.days)),
    fee: readingOf(typed.fee.trim() === "" ? { ok: true, value: 0 } : readMoney(typed.fee)),
  };
  const [face, discountPercent, days, fee] = [
    valueOf(readings.face),
    valueOf(readings.rate),
    valueOf(readings.days),
    valueOf(readings.fee),
  ];
  const bill: DiscountedBill | null =
    face === null || discountPercent === null || days === null || fee === null
      ? null
      : { face, discountPercent, days, fee, daysInYear: typed.daysInYear === "360" ? 360 : 365 };
  const found = bill === null ? null : discountCost(bill);
  const money = (amount: number) => writeMoney(amount, format);
  const field = (name: keyof typeof readings, label: string, hint: string) => (
    <DeskField
      field={`discount-${name}`}
      name={label}
      text={typed[name]}
      hint={hint}
      reading={readings[name]}
      onType={(text) => change("discount", { [name]: text })}
    />
  );
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="discount">
      <h2 id="discount">Discount with fees</h2>
      <p className={styles.sentence}>
        A bill of face value {field("face", "Face value", "12,000")}, due in{" "}
        {field("days", "Days until it is due", "90")} days, is discounted at{" "}
        {field("rate", "Discount, a year", "6.5%")} a year (
        <InkChoice
          label="Days in a year of the discount"
          value={typed.daysInYear}
          options={[
            ["360", "360-day year"],
            ["365", "365-day year"],
          ]}
          onChoose={(daysInYear) => change("discount", { daysInYear })}
        />{" "}
        ), with a fee of {field("fee", "Fee", "0")}:
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
            {money(found.value.proceeds)}.
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
  const typed = useDesk(({ desk }) => desk.early);
  const change = useDesk((state) => state.change);
  const percentReading = readingOf(readPercent(typed.percent));
  const daysReading = readingOf(readDays(typed.days));
  const [percent, days] = [valueOf(percentReading), valueOf(daysReading)];
  const found = percent === null || days === null ? null : costOfPayingLate(percent, days);
  return (
    <p className={styles.sentence}>
      Forgoing a cash discount of{" "}
      <DeskField
        field="early-percent"
        name="Cash discount"
        text={typed.percent}
        hint="2%"
        reading={percentReading}
        onType={(text) => change("early", { percent: text })}
      />{" "}
      to pay{" "}
      <DeskField
        field="early-days"
        name="Days later"
        text={typed.days}
        hint="20"
        reading={daysReading}
        onType={(text) => change("early", { days: text })}
      />{" "}
      days later costs{" "}
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
