import { lazy, Suspense } from "react";
import styles from "./Views.module.css";

const WorkingsView = lazy(async () => ({
  default: (await import("./WorkingsView")).WorkingsView,
}));

/** The looks at the same timeline that open under it. */
export function Views() {
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="workings-name">
      <h2 id="workings-name" className={styles.name}>
        Workings
      </h2>
      <Suspense fallback={<p className={styles.loading}>Setting the formulas …</p>}>
        <WorkingsView />
      </Suspense>
    </section>
  );
}
