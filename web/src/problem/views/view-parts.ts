import { lazy, type ComponentType } from "react";
import { untilLoaded } from "../../ui/until-loaded";
import type { View } from "./view-choice";

interface ViewPart {
  readonly name: string;
  /** What is said until it is there. */
  readonly waiting: string;
  readonly Part: ComponentType;
}

function part(name: string, waiting: string, load: () => Promise<ComponentType>): ViewPart {
  return {
    name,
    waiting,
    Part: lazy(async () => ({ default: await untilLoaded(load) })),
  };
}

/** Each view, loaded when it is opened. */
export const PARTS: Readonly<Record<View, ViewPart>> = {
  workings: part(
    "Workings",
    "Loading the workings…",
    async () => (await import("./workings/WorkingsView")).WorkingsView,
  ),
  proof: part(
    "Proof",
    "Loading the proof…",
    async () => (await import("./proof/ProofView")).ProofView,
  ),
  schedule: part(
    "Schedule",
    "Calculating the schedule…",
    async () => (await import("./schedule/ScheduleView")).ScheduleView,
  ),
  offers: part(
    "Compare loans",
    "Calculating the loans…",
    async () => (await import("./offers/OffersView")).OffersView,
  ),
  appraisal: part(
    "Appraisal",
    "Appraising the project…",
    async () => (await import("./appraisal/AppraisalView")).AppraisalView,
  ),
  projects: part(
    "Compare projects",
    "Comparing the projects…",
    async () => (await import("./projects/ProjectsView")).ProjectsView,
  ),
  table: part(
    "Using tables",
    "Loading the table…",
    async () => (await import("./table/TableView")).TableView,
  ),
  mark: part("Mark my answer", "Loading…", async () => (await import("./mark/MarkView")).MarkView),
  variants: part(
    "Variants",
    "Calculating the variants…",
    async () => (await import("./variants/VariantsView")).VariantsView,
  ),
  "what-if": part(
    "What if",
    "Drawing the chart…",
    async () => (await import("./what-if/WhatIfView")).WhatIfView,
  ),
  "hand-in": part(
    "Hand in",
    "Preparing the sheet…",
    async () => (await import("./hand-in/HandInView")).HandInView,
  ),
  "one-date": part(
    "Value at a date",
    "Calculating the values…",
    async () => (await import("./shares/SharesView")).SharesView,
  ),
};
