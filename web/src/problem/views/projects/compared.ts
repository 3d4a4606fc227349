import {
  crossings,
  increments,
  judgeAll,
  sentenceOf,
  type AppraisalRates,
  type Crossing,
  type DatedAmount,
  type Increment,
  type JudgedProject,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { readProject, type OtherProject, type ProjectReading } from "@kestrelmoor/core/typing";

/** One of the projects that are compared. */
export interface Contender {
  /** `null` for the problem's own. */
  readonly id: string | null;
  readonly name: string;
  readonly flows: readonly DatedAmount[];
  readonly judged: JudgedProject["judged"];
}

export interface Comparison {
  /** What each other project says, by its id; those that cannot be read are not compared. */
  readonly readings: ReadonlyMap<string, ProjectReading>;
  readonly contenders: readonly Contender[];
  readonly crossings: readonly Crossing[];
  readonly increments: readonly Increment[];
}

export function nameOfProject({ name }: OtherProject, index: number): string {
  return name.trim() === "" ? `Project ${index + 2}` : name.trim();
}

/** What the problem's own project is called. */
export function nameOfOwn(title: string): string {
  return title.trim() === "" ? "This project" : title.trim();
}

/** The problem's own project and all others that can be read, judged by the same rates. */
export function compared(
  own: readonly DatedAmount[],
  ownName: string,
  others: readonly OtherProject[],
  rates: AppraisalRates,
): Comparison {
  const readings = new Map(others.map((other) => [other.id, readProject(other)]));
  const named: { id: string | null; name: string; flows: readonly DatedAmount[] }[] = [
    { id: null, name: ownName, flows: own },
  ];
  others.forEach((other, index) => {
    const flows = readings.get(other.id)?.flows;
    if (flows !== null && flows !== undefined) {
      named.push({ id: other.id, name: nameOfProject(other, index), flows });
    }
  });
  const projects = named.map(({ flows }) => flows);
  const judged = judgeAll(projects, rates);
  return {
    readings,
    contenders: named.map((one, place) => ({
      ...one,
      judged: judged[place]?.judged ?? { ok: false, issues: [] },
    })),
    crossings: crossings(projects),
    increments: increments(projects, rates),
  };
}

/** Why a project could not be judged. */
export function complaintOf({ judged }: Contender, format: AnswerFormat): string | null {
  return judged.ok ? null : judged.issues.map((issue) => sentenceOf(issue, format)).join(" ");
}
