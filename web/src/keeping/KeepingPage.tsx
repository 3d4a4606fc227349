import { KEPT_DAYS } from "@kestrelmoor/contract";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link } from "react-router";
import { readNotebook } from "../api/notebook";
import { isRetryWorthwhile } from "../api/request";
import { troubleWords } from "../api/trouble-words";
import { Shell } from "../app/Shell";
import { BinCard } from "./BinCard";
import { BrowsersCard } from "./BrowsersCard";
import { FileCard } from "./FileCard";
import { KeyCard } from "./KeyCard";
import { OpenCard } from "./OpenCard";
import { Trouble } from "../ui/Trouble";
import styles from "./Keeping.module.css";

/** How the notebook is kept: its key, its file, the browsers in which it is open, and its bin. */
export function KeepingPage() {
  const notebook = useQuery({
    queryKey: ["notebook"],
    queryFn: ({ signal }) => readNotebook(signal),
  });
  useEffect(() => {
    document.title = "Keep your notebook · Kestrelmoor";
  }, []);
  const facts = notebook.data;
  return (
    <Shell>
      <h1 className="page-title">Keep your notebook</h1>
      <p className={styles.lead}>
        Your notebook belongs to this browser and is kept for {KEPT_DAYS.unused} days after you last
        open it. <Link to="/">Go to the notebook</Link>
      </p>
      {notebook.failureReason !== null && (
        <Trouble
          isUrgent={false}
          title={
            isRetryWorthwhile(notebook.failureReason)
              ? `${troubleWords(notebook.failureReason)} Trying again automatically…`
              : notebook.failureReason.message
          }
        />
      )}
      {facts !== undefined && (
        <div className={styles.cards}>
          <KeyCard hasKey={facts.hasKey} />
          <OpenCard problems={facts.problems} />
          <FileCard problems={facts.problems} inBin={facts.inBin} />
          <BrowsersCard facts={facts} />
          <BinCard />
        </div>
      )}
    </Shell>
  );
}
