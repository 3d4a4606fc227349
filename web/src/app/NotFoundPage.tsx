import { Link } from "react-router";
import { Shell } from "./Shell";
import styles from "./MessagePage.module.css";

export function NotFoundPage() {
  return (
    <Shell>
      <div className={styles.message}>
        <h1>There is nothing here</h1>
        <p>
          The address leads nowhere. <Link to="/">Go to the notebook</Link>, where every problem is.
        </p>
      </div>
    </Shell>
  );
}
