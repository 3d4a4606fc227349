import { byTable } from "@kestrelmoor/core";
import { readTime, type Draft, type FlowLine } from "@kestrelmoor/core/typing";
import { lazy, Suspense, useRef, type ComponentType, type KeyboardEvent } from "react";
import { untilLoaded } from "../../ui/until-loaded";
import { useDocumentState } from "../document/document-context";
import { useView, VIEWS, type View } from "./view-choice";
import styles from "./Views.module.css";

const lazyView = (load: () => Promise<ComponentType>) =>
  lazy(async () => ({ default: await untilLoaded(load) }));

/** Each view, loaded when it is opened, and what is said until it is there. */
const PARTS: Readonly<Record<View, { name: string; waiting: string; Part: ComponentType }>> = {
  workings: {
    name: "Workings",
    waiting: "Loading the workings…",
    Part: lazyView(async () => (await import("./workings/WorkingsView")).WorkingsView),
  },
  proof: {
    name: "Proof",
    waiting: "Loading the proof…",
    Part: lazyView(async () => (await import("./proof/ProofView")).ProofView),
  },
  schedule: {
    name: "Schedule",
    waiting: "Calculating the schedule…",
    Part: lazyView(async () => (await import("./schedule/ScheduleView")).ScheduleView),
  },
  offers: {
    name: "Compare loans",
    waiting: "Calculating the loans…",
    Part: lazyView(async () => (await import("./offers/OffersView")).OffersView),
  },
  appraisal: {
    name: "Appraisal",
    waiting: "Appraising the project…",
    Part: lazyView(async () => (await import("./appraisal/AppraisalView")).AppraisalView),
  },
  projects: {
    name: "Compare projects",
    waiting: "Comparing the projects…",
    Part: lazyView(async () => (await import("./projects/ProjectsView")).ProjectsView),
  },
  table: {
    name: "Using tables",
    waiting: "Loading the table…",
    Part: lazyView(async () => (await import("./table/TableView")).TableView),
  },
  mark: {
    name: "Mark my answer",
    waiting: "Loading…",
    Part: lazyView(async () => (await import("./mark/MarkView")).MarkView),
  },
  variants: {
    name: "Variants",
    waiting: "Calculating the variants…",
    Part: lazyView(async () => (await import("./variants/VariantsView")).VariantsView),
  },
  "what-if": {
    name: "What if",
    waiting: "Drawing the chart…",
    Part: lazyView(async () => (await import("./what-if/WhatIfView")).WhatIfView),
  },
  "hand-in": {
    name: "Hand in",
    waiting: "Preparing the sheet…",
    Part: lazyView(async () => (await import("./hand-in/HandInView")).HandInView),
  },
  "one-date": {
    name: "Value at a date",
    waiting: "Calculating the values…",
    Part: lazyView(async () => (await import("./shares/SharesView")).SharesView),
  },
};

function isStream({ kind }: FlowLine): boolean {
  return kind === "stream";
}

/** Whether there are uneven amounts, as a project has them. */
function isListed({ kind }: FlowLine): boolean {
  return kind === "list" || kind === "dated";
}

/** Whether money comes in first and then goes out in payments, as far as their times can be read. */
function isLoan({ flows }: Draft): boolean {
  const yearsOf = (text: string) => {
    const time = readTime(text === "" ? "today" : text);
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
  const hasLoan = useDocumentState(({ draft }) => isLoan(draft));
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
  const tabs = useRef<HTMLDivElement>(null);
  const { Part, waiting } = PARTS[view];
  const move = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const place = (offered.indexOf(view) + step + offered.length) % offered.length;
    open(offered[place] ?? "workings");
    tabs.current?.querySelectorAll("button")[place]?.focus();
  };
  return (
    <section className={`card ${styles.card ?? ""}`} aria-label={PARTS[view].name} id="views">
      <div
        ref={tabs}
        role="tablist"
        aria-label="Views of this problem"
        className={styles.tabs}
        onKeyDown={move}
      >
        {offered.map((one) => (
          <button
            key={one}
            type="button"
            role="tab"
            id={`tab-${one}`}
            aria-selected={one === view}
            aria-controls="view"
            tabIndex={one === view ? 0 : -1}
            className={one === view ? styles.openTab : styles.tab}
            onClick={() => open(one)}
          >
            {PARTS[one].name}
          </button>
        ))}
      </div>
      <div role="tabpanel" id="view" aria-labelledby={`tab-${view}`}>
        <Suspense fallback={<p className={styles.loading}>{waiting}</p>}>
          <Part />
        </Suspense>
      </div>
    </section>
  );
}
