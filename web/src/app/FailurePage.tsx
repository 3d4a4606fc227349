import type { FallbackProps } from "react-error-boundary";
import { QuietButton } from "../ui/Buttons";
import { Message } from "./Message";
import styles from "./Message.module.css";

/** Shown instead of a page that broke. What was typed is saved as it is typed, so nothing is lost. */
export function FailurePage({ error }: FallbackProps) {
  return (
    <Message role="alert" title="This page stopped working">
      <p>Your work is saved as you type. Reload the page to continue.</p>
      <p>
        <QuietButton onClick={() => window.location.reload()}>Reload</QuietButton>
        <QuietButton href="/">Go to the notebook</QuietButton>
      </p>
      {error instanceof Error && <p className={styles.detail}>{error.message}</p>}
    </Message>
  );
}
