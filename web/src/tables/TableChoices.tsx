import {
  FACTOR_KINDS,
  isGrowing,
  isOfPayments,
  FACTOR_NAMES,
  FACTOR_SAYS,
} from "@kestrelmoor/core";
import { DeskField } from "../desk/DeskField";
import { InkChoice } from "../ui/InkChoice";
import type { TableField, TableReadings } from "./read-table";
import { useDesk } from "../desk/desk";
import styles from "./Tables.module.css";

const KINDS = FACTOR_KINDS.map((kind) => [kind, FACTOR_NAMES[kind]] as const);

/** Which table it is, as a sentence. */
export function TableChoices({ readings }: { readonly readings: TableReadings }) {
  const desk = useDesk((state) => state.desk.table);
  const change = useDesk((state) => state.change);
  const field = (name: TableField, label: string, hint: string) => (
    <DeskField
      field={`table-${name}`}
      name={label}
      text={desk[name]}
      hint={hint}
      reading={readings[name]}
      onType={(text) => change("table", { [name]: text })}
    />
  );
  return (
    <>
      <div className={styles.sentence}>
        The{" "}
        <InkChoice
          label="Factor"
          value={desk.kind}
          options={KINDS}
          onChoose={(kind) => change("table", { kind })}
        />
        {isGrowing(desk.kind) && (
          <>, growing by {field("growth", "Growth from payment to payment", "3%")} each</>
        )}
        {isOfPayments(desk.kind) && (
          <>
            , paid at the{" "}
            <InkChoice
              label="Payment timing"
              value={desk.timing}
              options={[
                ["end", "end"],
                ["start", "start"],
              ]}
              onChoose={(timing) => change("table", { timing })}
            />{" "}
            of each period
          </>
        )}
        , at rates from {field("ratesFrom", "Lowest periodic rate", "1%")} to{" "}
        {field("ratesTo", "Highest periodic rate", "12%")} in steps of{" "}
        {field("ratesStep", "Step between two rates", "1%")}, over{" "}
        {field("countsFrom", "Fewest periods", "1")} to {field("countsTo", "Most periods", "30")}{" "}
        periods, to{" "}
        <InkChoice
          label="Decimals"
          value={desk.decimals}
          options={[
            ["3", "3 decimals"],
            ["4", "4 decimals"],
            ["5", "5 decimals"],
            ["6", "6 decimals"],
          ]}
          onChoose={(decimals) => change("table", { decimals })}
        />
        .
      </div>
      <p className={styles.quiet}>{FACTOR_SAYS[desk.kind]}</p>
    </>
  );
}
