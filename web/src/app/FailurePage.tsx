import { useRouteError } from "react-router";
import styles from "./MessagePage.module.css";

/** Shown instead of a page that broke. What was typed is saved as it is typed, so nothing is lost. */
export function FailurePage() {
  const error = useRouteError();
  return (
    <div className={styles.message} role="alert">
      <h1>This page stopped working</h1>
      <p>Your work is saved as you type. Reload the page to continue.</p>
      <p>
        <button type="button" className="quiet-button" onClick={() => window.location.reload()}>
          Reload
        </button>
        <a className="quiet-button" href="/">
          Go to the notebook
        </a>
      </p>
      {error instanceof Error && <p className={styles.detail}>{error.message}</p>}
    </div>
  );
}
