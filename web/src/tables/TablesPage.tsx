import { valueOf } from "@kestrelmoor/core/typing";
import { useShallow } from "zustand/react/shallow";
import { useEffect, useMemo } from "react";
import { Shell } from "../app/Shell";
import { useDesk, useDeskSaving } from "../desk/desk";
import { SaveStateText } from "../problem/saving/SaveStateText";
import { Issues } from "../desk/Issues";
import { FactorGrid } from "./FactorGrid";
import { LookUp } from "./LookUp";
import { choiceOf, readFields, tableOf } from "./read-table";
import { TableChoices } from "./TableChoices";
import styles from "./Tables.module.css";

/** The factor tables that many courses teach from, for any rates and periods. */
export function TablesPage() {
  const saver = useDeskSaving();
  const desk = useDesk((state) => state.desk.table);
  useEffect(() => {
    document.title = "Tables · Kestrelmoor";
  }, []);
  const readings = useMemo(() => readFields(desk), [desk]);
  // What is looked up does not make another table.
  const choice = useDesk(useShallow((state) => choiceOf(state.desk.table)));
  const made = useMemo(() => tableOf(choice), [choice]);
  const table = made?.ok === true ? made.value : null;
  const rate = valueOf(readings.rate);
  const periods = valueOf(readings.periods);
  return (
    <Shell tools={<SaveStateText saver={saver} />}>
      <h1 className="page-title">Tables</h1>
      <section className={`card ${styles.card ?? ""}`} aria-label="Which table">
        <TableChoices readings={readings} />
        {made?.ok === false && (
          <p>
            <Issues issues={made.issues} />
          </p>
        )}
        {table !== null && <LookUp table={table} readings={readings} />}
      </section>
      {table !== null && (
        <FactorGrid table={table} decimals={Number(desk.decimals)} percent={rate} count={periods} />
      )}
    </Shell>
  );
}
