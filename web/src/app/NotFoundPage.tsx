import { Link } from "react-router";
import { Shell } from "./Shell";
import styles from "./MessagePage.module.css";

export function NotFoundPage() {
  return (
    <Shell>
      <div className={styles.message}>
        <h1>Page not found</h1>
        <p>
          There is no page at this address. <Link to="/">Go to the notebook</Link> to find your
          problems.
        </p>
      </div>
    </Shell>
  );
}
