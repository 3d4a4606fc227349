import { addVariant, readyVariants } from "@kestrelmoor/core/typing";
import { Dropdown } from "antd";
import { useDocument, useDocumentState } from "../../document/document-context";
import type { FactRow } from "./columns";
import styles from "./Variants.module.css";

interface AddVariantProps {
  readonly facts: readonly FactRow[];
  /** Adds a column in which this fact is to be changed. */
  readonly onVary: (row: FactRow) => void;
  /** Opens the row of a fact, to change it in the columns there are. */
  readonly onOpenRow?: (row: FactRow) => void;
}

/** The ways to a variant: one fact of one's own choice, or a ready-made group. */
export function AddVariant({ facts, onVary, onOpenRow }: AddVariantProps) {
  const store = useDocument();
  const draft = useDocumentState((state) => state.draft);
  const reading = useDocumentState((state) => state.outcome.reading);
  const ready = readyVariants(draft, reading);
  const factItems = facts.map(({ name }, index) => ({ key: String(index), label: name }));
  const addAll = (group: number) =>
    store.edit((writable) => {
      for (const variant of ready[group]?.variants ?? [])
        addVariant(writable, structuredClone(variant));
    });
  return (
    <div className={styles.add}>
      <Choices
        words="Change one thing"
        items={factItems}
        onChoose={(index) => {
          const row = facts[index];
          if (row !== undefined) onVary(row);
        }}
      />
      {onOpenRow !== undefined && (
        <Choices
          words="Change one thing more"
          items={factItems}
          onChoose={(index) => {
            const row = facts[index];
            if (row !== undefined) onOpenRow(row);
          }}
        />
      )}
      {ready.length > 0 && (
        <Choices
          words="Ready-made"
          items={ready.map(({ words }, index) => ({ key: String(index), label: words }))}
          onChoose={addAll}
        />
      )}
    </div>
  );
}

interface ChoicesProps {
  readonly words: string;
  readonly items: { key: string; label: string }[];
  readonly onChoose: (index: number) => void;
}

function Choices({ words, items, onChoose }: ChoicesProps) {
  return (
    <Dropdown
      trigger={["click"]}
      destroyOnHidden
      autoFocus
      menu={{ items, onClick: ({ key }) => onChoose(Number(key)) }}
    >
      <button type="button" className={styles.addButton}>
        {words}
      </button>
    </Dropdown>
  );
}
