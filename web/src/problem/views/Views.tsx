import { byTable } from "@kestrelmoor/core";
import { readMoment, type Draft, type FlowLine, type TimesSaid } from "@kestrelmoor/core/typing";
import { Suspense } from "react";
import { useDocumentState } from "../document/document-context";
import { useTimesSaid } from "../document/use-times-said";
import { TabRow, tabId } from "../../ui/TabRow";
import { useView, VIEWS, type View } from "./view-choice";
import { PARTS } from "./view-parts";
import styles from "./Views.module.css";

function isStream({ kind }: FlowLine): boolean {
  return kind === "stream";
}

/** Whether there are uneven amounts, as a project has them. */
function isListed({ kind }: FlowLine): boolean {
  return kind === "list" || kind === "dated";
}

/** Whether money comes in first and then goes out in payments, as far as their times can be read. */
function isLoan({ flows }: Draft, said: TimesSaid): boolean {
  const yearsOf = (text: string) => {
    const time = readMoment(text === "" ? "today" : text, said);
    return time.ok ? time.value.years : null;
  };
  const begins = flows.flatMap((line) =>
    line.kind === "stream" && line.direction === "out" ? [yearsOf(line.begins) ?? Infinity] : [],
  );
  const first = Math.min(...begins);
  return (
    begins.length > 0 &&
    flows.some((line) => {
      const at = line.kind === "single" && line.direction === "in" ? yearsOf(line.at) : null;
      return at !== null && at <= first;
    })
  );
}

/** The looks at the same timeline that open under it. */
export function Views() {
  const { view, open } = useView();
  const hasStream = useDocumentState(({ draft }) => draft.flows.some(isStream));
  const said = useTimesSaid();
  const hasLoan = useDocumentState(({ draft }) => isLoan(draft, said));
  const hasList = useDocumentState(({ draft }) => draft.flows.some(isListed));
  // Whether one factor solves it is looked at when the answer is there, and not before.
  const isFactor = useDocumentState(({ outcome: { solved } }) => {
    return solved !== null && byTable(solved) !== null;
  });
  // Each view is offered where it makes sense for the timeline at hand.
  const fits: Partial<Record<View, boolean>> = {
    schedule: hasStream,
    offers: hasLoan,
    appraisal: hasList,
    projects: hasList,
    table: isFactor,
  };
  const offered = VIEWS.filter((one) => fits[one] !== false || one === view);
  const { Part, name, waiting } = PARTS[view];
  return (
    <section className={`card ${styles.card ?? ""}`} aria-label={name} id="views">
      <TabRow
        label="Views of this problem"
        tabs={offered.map((key) => ({ key, name: PARTS[key].name }))}
        open={view}
        onOpen={open}
        panel="view"
      />
      <div role="tabpanel" id="view" aria-labelledby={tabId("view", view)}>
        <Suspense fallback={<p className={styles.loading}>{waiting}</p>}>
          <Part />
        </Suspense>
      </div>
    </section>
  );
}
