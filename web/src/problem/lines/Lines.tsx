import { useDocumentState } from "../document/document-context";
import { AddLine } from "./AddLine";
import { EnterHint } from "./EnterHint";
import { isKept, KeptLine } from "./KeptLine";
import { ChangeShape } from "./ChangeShape";
import { FlowLine } from "./FlowLine";
import { Conventions } from "./Conventions";
import { dependsOnFocal } from "./depends-on-focal";
import { FocalLine } from "./FocalLine";
import { RateLine } from "./RateLine";
import { TodayLine } from "./TodayLine";
import { WorthLine } from "./WorthLine";
import styles from "./Lines.module.css";

/** The problem, line by line, each reading like a sentence. */
export function Lines() {
  const flows = useDocumentState((state) => state.draft.flows);
  const rates = useDocumentState((state) => state.draft.rates);
  const ask = useDocumentState((state) => state.draft.ask);
  const today = useDocumentState((state) => state.draft.today);
  const hasFocal = useDocumentState(({ draft, outcome }) => dependsOnFocal(draft, outcome.reading));
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="lines-name">
      <h2 id="lines-name" className="visually-hidden">
        Lines
      </h2>
      <ul>
        {flows.map((line, index) => (
          <FlowLine key={line.id} line={line} index={index} />
        ))}
        {rates.map((line, index) =>
          isKept(line) ? (
            <KeptLine key={line.id} line={line} />
          ) : (
            <RateLine key={line.id} line={line} index={index} />
          ),
        )}
        {ask?.kind === "worth" && <WorthLine at={ask.at} />}
        {today !== null && <TodayLine text={today} />}
        {hasFocal && <FocalLine />}
      </ul>
      <div className={styles.below}>
        <AddLine />
        <ChangeShape />
        <Conventions />
        <EnterHint />
      </div>
    </section>
  );
}
