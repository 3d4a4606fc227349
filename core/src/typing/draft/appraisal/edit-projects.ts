import { MOST_OTHER_PROJECTS, type Draft, type OtherProject } from "../draft";
import { freeId } from "../free-id";

/** Adds a project to judge beside the problem's own. Changes the draft in place. */
export function addProject(draft: Draft, every = "year"): OtherProject | null {
  const { others } = draft.appraisal;
  if (others.length >= MOST_OTHER_PROJECTS) return null;
  const id = freeId(
    "project",
    others.map((other) => other.id),
  );
  const project = { id, name: "", every, amounts: "" };
  others.push(project);
  return project;
}

export function removeProject(draft: Draft, id: string): void {
  draft.appraisal.others = draft.appraisal.others.filter((other) => other.id !== id);
}

/** Types into a field of another project. Changes the draft in place. */
export function writeProjectField(
  draft: Draft,
  id: string,
  field: Exclude<keyof OtherProject, "id">,
  text: string,
): void {
  const project = draft.appraisal.others.find((candidate) => candidate.id === id);
  if (project !== undefined) project[field] = text;
}
