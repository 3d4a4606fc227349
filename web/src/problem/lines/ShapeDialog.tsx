import { reshape, SHAPES, type Shape } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { Dialog } from "../../ui/Dialog";
import { showNotice } from "../../ui/notices";
import { useDocument } from "../document/document-context";
import { SmallTimeline } from "../timeline/SmallTimeline";
import { focusFirstEmptyField } from "./field-id";
import styles from "./ShapeDialog.module.css";

/** The shapes that the problem can be turned into, each as its timeline. */
export default function ShapeDialog({ onClose }: { readonly onClose: () => void }) {
  const store = useDocument();
  const choose = (shape: Shape) => {
    let left: string[] = [];
    store.edit((draft) => (left = reshape(draft, shape)));
    onClose();
    if (left.length > 0) {
      showNotice({
        kind: "done",
        text: `This problem type has no place for ${left.join(" and ")}. Undo restores it.`,
      });
    }
    setTimeout(focusFirstEmptyField, 0);
  };
  return (
    <Dialog title="Change the problem type" isOpen onClose={onClose}>
      <p className={styles.explains}>Your entries are kept where they fit.</p>
      <ul className={styles.shapes}>
        {SHAPES.map((shape) => (
          <li key={shape.id}>
            <ShapeButton shape={shape} onChoose={choose} />
          </li>
        ))}
      </ul>
    </Dialog>
  );
}

interface ShapeButtonProps {
  readonly shape: Shape;
  readonly onChoose: (shape: Shape) => void;
}

function ShapeButton({ shape, onChoose }: ShapeButtonProps) {
  const picture = useMemo(() => shape.picture(), [shape]);
  return (
    <button type="button" className={styles.shape} onClick={() => onChoose(shape)}>
      <SmallTimeline draft={picture} width={130} height={52} />
      <span>{shape.name}</span>
    </button>
  );
}
