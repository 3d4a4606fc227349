import {
  removeProject,
  writeProjectField,
  type OtherProject,
  type ProjectReading,
} from "@kestrelmoor/core/typing";
import { AmountsFromFile } from "../../lines/AmountsFromFile";
import { fieldId } from "../../lines/field-id";
import { TypedField } from "../../lines/TypedField";
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
  const write = (field: "name" | "every" | "amounts") => (text: string) =>
    type(`${id}-${field}`, (draft) => writeProjectField(draft, id, field, text));
  const called = nameOfProject(project, index);
  return (
    <li className={styles.project}>
      <input
        className={`ink-field ${styles.name ?? ""}`}
        aria-label={`Name of project ${index + 2}`}
        placeholder={called}
        maxLength={120}
        value={name}
        onChange={({ target }) => write("name")(target.value)}
        onBlur={leave}
      />
      {reading?.isDated === true ? (
        <span>amounts on dates, starting today:</span>
      ) : (
        <span className={styles.every}>
          one amount every{" "}
          <TypedField
            id={fieldId(id, "every")}
            name={`Frequency of the amounts of ${called}`}
            text={every}
            hint="year"
            isKnown
            reading={reading?.every ?? NOT_READ}
            onType={write("every")}
            onLeave={leave}
          />{" "}
          , starting today:
        </span>
      )}
      <span className={styles.amounts}>
        <TypedList
          id={fieldId(id, "amounts")}
          name={`Amounts of ${called}, in order`}
          text={amounts}
          hint="out 1,000; 300 x 3; 450"
          term="amounts"
          takesTablesAs="amounts"
          reading={reading?.amounts ?? NOT_READ}
          onType={write("amounts")}
          onLeave={leave}
        />
      </span>
      <AmountsFromFile as="amounts" onTake={write("amounts")} />
      <DropButton
        aria-label={`Remove ${called}`}
        title="Remove this project"
        onClick={() => change((draft) => removeProject(draft, id))}
      />
    </li>
  );
}
