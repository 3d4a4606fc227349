import { MOST_OTHER_PROJECTS, type Draft, type OtherProject } from "../draft";
import { collection } from "../entries/collection";
import { firstTexts } from "../entries/entry-field";
import { PROJECT_FIELDS } from "./project-fields";

/** Projects to judge beside the problem's own. */
export const PROJECTS = collection<Draft, OtherProject>({
  stem: "project",
  most: MOST_OTHER_PROJECTS,
  in: ({ appraisal }) => appraisal.others,
});

/** Adds a project, with its amounts still to be typed. Changes the draft in place. */
export function addProject(draft: Draft): OtherProject | null {
  return PROJECTS.add(draft, { name: "", ...firstTexts(PROJECT_FIELDS) });
}
