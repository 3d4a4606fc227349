import { addChange, CHANGE_KINDS, kindOfChange, type ChangeLine } from "@kestrelmoor/core/typing";
import { LateDropdown } from "../../../ui/LateDropdown";
import { useAdding } from "../../lines/use-adding";
import type { ChangedAccounts } from "./changed-accounts";
import { ChangeRow } from "./ChangeRow";
import type { ReadChangeLine } from "./use-change-lines";
import { QuietButton } from "../../../ui/Buttons";
import styles from "./Changes.module.css";

interface ScheduleChangesProps {
  readonly flow: string;
  readonly lines: readonly ReadChangeLine[];
  readonly accounts: ChangedAccounts;
}

/** What is changed about the payments, a line each, and the way to more. */
export function ScheduleChanges({ flow, lines, accounts }: ScheduleChangesProps) {
  const { plain, complaints, trouble } = accounts;
  return (
    <div className={styles.changing} role="group" aria-label="Changes">
      {lines.length > 0 && (
        <ul className={styles.changes}>
          {lines.map(({ line, reading }) => (
            <ChangeRow
              key={line.id}
              line={line}
              reading={reading}
              kind={plain.schedule.kind}
              complaint={complaints.get(line.id) ?? null}
            />
          ))}
        </ul>
      )}
      {trouble !== null && <p className={styles.complaint}>{trouble}</p>}
      <AddChange flow={flow} isSaving={plain.schedule.kind === "saving"} />
    </div>
  );
}

function AddChange({ flow, isSaving }: { readonly flow: string; readonly isSaving: boolean }) {
  const { addFromMenu } = useAdding();
  const add = (kind: ChangeLine["kind"]) =>
    addFromMenu(
      (draft) => addChange(draft, flow, kind),
      Object.keys(kindOfChange(kind).typed)[0] ?? "",
    );
  const items = Object.entries(CHANGE_KINDS)
    .filter(([, { isForSavings }]) => isForSavings || !isSaving)
    .map(([key, { name }]) => ({ key, label: name }));
  return (
    <LateDropdown menu={{ items, onClick: ({ key }) => add(key as ChangeLine["kind"]) }}>
      <QuietButton>Add a change</QuietButton>
    </LateDropdown>
  );
}
