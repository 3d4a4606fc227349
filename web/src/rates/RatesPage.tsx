import { useEffect } from "react";
import { Shell } from "../app/Shell";
import { SaveStateText } from "../problem/saving/SaveStateText";
import { useDeskSaving } from "../desk/desk";
import { DepositsCard } from "./DepositsCard";
import { DiscountCard } from "./DiscountCard";
import { GrowingCard } from "./GrowingCard";
import { GrowthCard } from "./GrowthCard";
import { NominalCard } from "./NominalCard";
import { RealCard } from "./RealCard";
import { RestatedCard } from "./RestatedCard";
import styles from "./Rates.module.css";

/** Everything about a rate by itself: said otherwise, compared, after inflation, over time. */
export function RatesPage() {
  const saver = useDeskSaving();
  useEffect(() => {
    document.title = "Rates · Kestrelmoor";
  }, []);
  return (
    <Shell tools={<SaveStateText saver={saver} />}>
      <h1 className="page-title">Rates</h1>
      <div className={styles.cards}>
        <RestatedCard />
        <div className={styles.stack}>
          <RealCard />
          <NominalCard />
          <GrowingCard />
        </div>
        <DepositsCard />
        <GrowthCard />
        <DiscountCard />
      </div>
    </Shell>
  );
}
