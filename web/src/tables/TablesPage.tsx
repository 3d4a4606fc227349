import { useShallow } from "zustand/react/shallow";
import { useEffect, useMemo } from "react";
import { Shell } from "../app/Shell";
import { useDesk, useDeskSaving } from "../desk/desk";
import { useAsked } from "../desk/use-asked";
import { SaveStateText } from "../problem/saving/SaveStateText";
import { Issues } from "../desk/Issues";
import { FactorGrid } from "./FactorGrid";
import { LookUp } from "./LookUp";
import { choiceOf, tableOf } from "./read-table";
import { TableChoices } from "./TableChoices";
import styles from "./Tables.module.css";

/** The factor tables that many courses teach from, for any rates and periods. */
export function TablesPage() {
  const saver = useDeskSaving();
  const asked = useAsked("table");
  const { typed, values } = asked;
  useEffect(() => {
    document.title = "Tables · Kestrelmoor";
  }, []);
  // What is looked up does not make another table.
  const choice = useDesk(useShallow((state) => choiceOf(state.desk.table)));
  const made = useMemo(() => tableOf(choice), [choice]);
  const table = made?.ok === true ? made.value : null;
  return (
    <Shell tools={<SaveStateText saver={saver} />}>
      <h1 className="page-title">Tables</h1>
      <section className={`card ${styles.card ?? ""}`} aria-label="Which table">
        <TableChoices asked={asked} />
        {made?.ok === false && (
          <p>
            <Issues issues={made.issues} />
          </p>
        )}
        {table !== null && <LookUp table={table} asked={asked} />}
      </section>
      {table !== null && (
        <FactorGrid
          table={table}
          decimals={Number(typed.decimals)}
          percent={values.rate}
          count={values.periods}
        />
      )}
    </Shell>
  );
}
