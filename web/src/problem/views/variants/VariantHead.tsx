import {
  moveVariant,
  nameVariant,
  partOfVariant,
  promoteVariant,
  VARIANTS,
  type Variant,
} from "@kestrelmoor/core/typing";
import { LateDropdown } from "../../../ui/LateDropdown";
import { memo, useState, type DragEvent } from "react";
import { useDocument } from "../../document/document-context";
import { usePartEditing } from "../../parts/use-part-editing";
import { useFieldEditing } from "../../lines/use-line-editing";
import { MoreButton } from "../../../ui/Buttons";
import styles from "./Variants.module.css";

const DRAGGED = "text/x-kestrelmoor-variant";

interface VariantHeadProps {
  readonly variant: Variant;
  readonly index: number;
  readonly count: number;
  /** What it is called where nobody has named it. */
  readonly saysItself: string;
}

/** The head of a column: its name, and what can be done with the whole of it. */
export const VariantHead = memo(function VariantHead({
  variant,
  index,
  count,
  saysItself,
}: VariantHeadProps) {
  const { type, leave, change } = useFieldEditing();
  const store = useDocument();
  const { add } = usePartEditing();
  const [isTarget, setTarget] = useState(false);
  const { id, name } = variant;
  const shown = name === "" ? saysItself : name;
  const acts: Readonly<Record<string, () => void>> = {
    left: () => change((draft) => moveVariant(draft, id, index - 1)),
    right: () => change((draft) => moveVariant(draft, id, index + 1)),
    promote: () => change((draft) => promoteVariant(draft, id)),
    part: () => add([partOfVariant(store.getState().draft, variant)]),
    remove: () => change((draft) => VARIANTS.remove(draft, id)),
  };
  const drop = (event: DragEvent) => {
    setTarget(false);
    const dragged = event.dataTransfer.getData(DRAGGED);
    if (dragged === "") return;
    event.preventDefault();
    change((draft) => moveVariant(draft, dragged, index));
  };
  return (
    <th
      scope="col"
      className={isTarget ? styles.target : undefined}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes(DRAGGED)) return;
        event.preventDefault();
        setTarget(true);
      }}
      onDragLeave={() => setTarget(false)}
      onDrop={drop}
    >
      <div className={styles.head}>
        <span
          className={styles.grip}
          draggable
          title="Drag to another place"
          aria-hidden="true"
          onDragStart={(event) => event.dataTransfer.setData(DRAGGED, id)}
        >
          ⠿
        </span>
        <input
          className={styles.name}
          aria-label={`Name of the variant: ${shown}`}
          placeholder={saysItself}
          maxLength={120}
          title={shown}
          size={Math.min(18, Math.max(8, shown.length))}
          value={name}
          onChange={({ target: { value } }) =>
            type(`${id}-name`, (draft) => nameVariant(draft, id, value))
          }
          onBlur={leave}
        />
        <LateDropdown
          menu={{
            items: [
              { key: "promote", label: "Use as the problem" },
              { key: "part", label: "Make it a part" },
              { key: "left", label: "Move left", disabled: index === 0 },
              { key: "right", label: "Move right", disabled: index === count - 1 },
              { key: "remove", label: "Remove" },
            ],
            onClick: ({ key }) => acts[key]?.(),
          }}
        >
          <MoreButton aria-label={`More for: ${shown}`} />
        </LateDropdown>
      </div>
    </th>
  );
});
