import {
  canJoin,
  canSplit,
  copyFlow,
  joinFlow,
  moveFlow,
  removeFlow,
  splitFlow,
  type Draft,
} from "@kestrelmoor/core/typing";
import { MoreButton } from "../../ui/Buttons";
import { LateDropdown } from "../../ui/LateDropdown";
import { useState } from "react";
import { useDocument } from "../document/document-context";
import { useAdding } from "./use-adding";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

/** Something more that can be done with one kind of line. */
export interface LineAction {
  readonly words: string;
  readonly act: (draft: Draft) => void;
}

interface LineMenuProps {
  readonly id: string;
  readonly index: number;
  /** What the line is, for screen readers. */
  readonly name: string;
  /** The first field of such a line, to which a copy is left. */
  readonly firstField: string;
  readonly actions?: readonly LineAction[];
}

/** What can be done with a whole line: copied, moved, removed, and what its own kind adds. */
export function LineMenu({ id, index, name, firstField, actions = [] }: LineMenuProps) {
  const { change } = useFieldEditing();
  const store = useDocument();
  const { addFromMenu } = useAdding();
  const [isOpen, setOpen] = useState(false);
  // What can be done is looked up when somebody asks, and not with every keystroke.
  const { draft: now, outcome } = store.getState();
  const isSplittable = isOpen && canSplit(now, outcome.reading, id);
  const isJoinable = isOpen && canJoin(now, outcome.reading, id);
  const items = [
    ...actions.map(({ words }, place) => ({ key: `own-${place}`, label: words })),
    { key: "copy", label: "Duplicate" },
    ...(isSplittable ? [{ key: "split", label: "Split" }] : []),
    ...(isJoinable ? [{ key: "join", label: "Merge with the next line" }] : []),
    { key: "up", label: "Move up", disabled: index === 0 },
    { key: "down", label: "Move down", disabled: index === now.flows.length - 1 },
    { key: "remove", label: "Remove" },
  ];
  const choose = (key: string) => {
    if (key === "copy") addFromMenu((draft) => copyFlow(draft, id), firstField);
    else if (key === "up") change((draft) => moveFlow(draft, id, -1));
    else if (key === "down") change((draft) => moveFlow(draft, id, 1));
    else if (key === "split") change((draft) => splitFlow(draft, outcome.reading, id));
    else if (key === "join") change((draft) => joinFlow(draft, outcome.reading, id));
    else if (key === "remove") change((draft) => removeFlow(draft, id));
    else {
      const own = actions[Number(key.slice("own-".length))];
      if (own !== undefined) change(own.act);
    }
  };
  return (
    <LateDropdown onOpenChange={setOpen} menu={{ items, onClick: ({ key }) => choose(key) }}>
      <MoreButton
        className={styles.tool ?? ""}
        aria-label={`More for: ${name}`}
        title="More for this line"
      />
    </LateDropdown>
  );
}
