import {
  PROJECT_FIELDS,
  PROJECTS,
  type Draft,
  type OtherProject,
  type ProjectField,
  type ProjectReading,
} from "@kestrelmoor/core/typing";
import { AmountsFromFile } from "../../lines/AmountsFromFile";
import { fieldId } from "../../lines/field-id";
import { EntryName, EntryText } from "../../lines/EntryText";
import { TypedList } from "../../lines/TypedList";
import { useFieldEditing } from "../../lines/use-line-editing";
import { nameOfProject } from "./compared";
import { DropButton } from "../../../ui/Buttons";
import styles from "./Projects.module.css";

interface ProjectLineProps {
  readonly project: OtherProject;
  readonly index: number;
  /** `null` until what was typed last has been read. */
  readonly reading: ProjectReading | null;
}

const NOT_READ = { state: "value", value: null } as const;

/** Another project as a sentence: its name, how often money moves, and the amounts. */
export function ProjectLine({ project, index, reading }: ProjectLineProps) {
  const { type, leave, change } = useFieldEditing();
  const { id, name, every, amounts } = project;
  const write = (field: "name" | ProjectField) => (draft: Draft, text: string) =>
    PROJECTS.edit(draft, id, (own) => (own[field] = text));
  const writeAmounts = (text: string) =>
    type(`${id}-amounts`, (draft) => write("amounts")(draft, text));
  const called = nameOfProject(project, index);
  const labelOf = (field: ProjectField) => `${PROJECT_FIELDS[field].label} of ${called}`;
  return (
    <li className={styles.project}>
      <EntryName
        of={id}
        label={`Name of project ${index + 2}`}
        hint={called}
        text={name}
        write={write("name")}
        className={styles.name}
      />
      {reading?.isDated === true ? (
        <span>amounts on dates, starting today:</span>
      ) : (
        <span className={styles.every}>
          one amount every{" "}
          <EntryText
            of={id}
            name="every"
            field={{ ...PROJECT_FIELDS.every, label: labelOf("every") }}
            text={every}
            reading={reading?.every ?? NOT_READ}
            write={write("every")}
          />{" "}
          , starting today:
        </span>
      )}
      <span className={styles.amounts}>
        <TypedList
          id={fieldId(id, "amounts")}
          name={`${labelOf("amounts")}, in order`}
          text={amounts}
          hint={PROJECT_FIELDS.amounts.hint}
          term="amounts"
          takesTablesAs="amounts"
          reading={reading?.amounts ?? NOT_READ}
          onType={writeAmounts}
          onLeave={leave}
        />
      </span>
      <AmountsFromFile as="amounts" onTake={writeAmounts} />
      <DropButton
        aria-label={`Remove ${called}`}
        title="Remove this project"
        onClick={() => change((draft) => PROJECTS.remove(draft, id))}
      />
    </li>
  );
}
