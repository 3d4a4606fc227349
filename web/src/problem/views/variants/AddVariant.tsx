import { addVariant, readyVariants } from "@kestrelmoor/core/typing";
import { LateDropdown } from "../../../ui/LateDropdown";
import { memo, useState } from "react";
import { useDocument } from "../../document/document-context";
import { variableFacts, type FactRow } from "./columns";
import { WordButton } from "../../../ui/Buttons";
import styles from "./Variants.module.css";

interface AddVariantProps {
  /** Adds a column in which this fact is to be changed. */
  readonly onVary: (row: FactRow) => void;
  /** Opens the row of a fact, to change it in the columns there are. */
  readonly onOpenRow?: (row: FactRow) => void;
}

/** The ways to a variant: one fact of one's own choice, or a ready-made group. */
export const AddVariant = memo(function AddVariant({ onVary, onOpenRow }: AddVariantProps) {
  const store = useDocument();
  const facts = () =>
    variableFacts(store.getState().draft).map((row) => ({ words: row.name, row }));
  const ready = () => {
    const { draft, outcome } = store.getState();
    return readyVariants(draft, outcome.reading);
  };
  return (
    <div className={styles.add}>
      <Choices words="Change an input" choicesNow={facts} onChoose={({ row }) => onVary(row)} />
      {onOpenRow !== undefined && (
        <Choices
          words="Change another input"
          choicesNow={facts}
          onChoose={({ row }) => onOpenRow(row)}
        />
      )}
      <Choices
        words="Suggested changes"
        choicesNow={ready}
        onChoose={({ variants }) =>
          store.edit((draft) => {
            for (const variant of variants) addVariant(draft, structuredClone(variant));
          })
        }
      />
    </div>
  );
});

interface ChoicesProps<Choice extends { readonly words: string }> {
  readonly words: string;
  /** What there is to choose, looked up when somebody asks and not with every keystroke. */
  readonly choicesNow: () => readonly Choice[];
  readonly onChoose: (choice: Choice) => void;
}

function Choices<Choice extends { readonly words: string }>(props: ChoicesProps<Choice>) {
  const { words, choicesNow, onChoose } = props;
  const [choices, setChoices] = useState<readonly Choice[]>([]);
  const items =
    choices.length === 0
      ? [{ key: "none", label: "No suggestions for this problem", disabled: true }]
      : choices.map((choice, index) => ({ key: String(index), label: choice.words }));
  return (
    <LateDropdown
      onOpenChange={(isOpen) => {
        if (isOpen) setChoices(choicesNow());
      }}
      menu={{
        items,
        onClick: ({ key }) => {
          const choice = choices[Number(key)];
          if (choice !== undefined) onChoose(choice);
        },
      }}
    >
      <WordButton>{words}</WordButton>
    </LateDropdown>
  );
}
