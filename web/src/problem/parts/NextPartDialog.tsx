import { LIMITS } from "@kestrelmoor/core";
import { nextLabel, readyParts, type ReadyPart } from "@kestrelmoor/core/typing";
import { Button, Input } from "antd";
import { useMemo, useState } from "react";
import { Dialog } from "../../ui/Dialog";
import { QuietButton } from "../../ui/Buttons";
import { useDocumentState } from "../document/document-context";
import { useQuestionState } from "./use-question";
import { usePartEditing } from "./use-part-editing";
import styles from "./Parts.module.css";

interface Closing {
  readonly onClose: () => void;
}

/** The next parts that fit the open one: what courses ask next, or lines of one's own. */
export default function NextPartDialog({ onClose }: Closing) {
  const draft = useDocumentState((state) => state.draft);
  const label = useQuestionState((state) => nextLabel(state.draft));
  const ready = useMemo(() => readyParts(draft), [draft]);
  const [chosen, setChosen] = useState<ReadyPart | null>(null);
  const { add } = usePartEditing();
  const make = (part: ReadyPart, texts: Readonly<Record<string, string>>) => {
    onClose();
    add(part.make(texts, label ?? ""));
  };
  return (
    <Dialog
      title={
        label === null ? "No further part" : chosen === null ? `Next part: (${label})` : chosen.name
      }
      isOpen
      onClose={onClose}
    >
      {label === null ? (
        <p>The limit is {LIMITS.parts} parts. Remove one first.</p>
      ) : chosen === null ? (
        <>
          <p className={styles.explains}>
            It takes up part ({draft.part.label}) and follows when that changes.
          </p>
          <ul className={styles.ready}>
            {ready.map((part) => (
              <li key={part.id}>
                <button
                  type="button"
                  onClick={() => (part.asks.length === 0 ? make(part, {}) : setChosen(part))}
                >
                  <strong>{part.name}</strong>
                  <span>{part.explains}</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      ) : (
        <Asks
          part={chosen}
          label={label}
          onAdd={(texts) => make(chosen, texts)}
          onBack={() => setChosen(null)}
        />
      )}
    </Dialog>
  );
}

interface AsksProps {
  readonly part: ReadyPart;
  readonly label: string;
  readonly onAdd: (texts: Readonly<Record<string, string>>) => void;
  readonly onBack: () => void;
}

/** What a ready-made part has to know; what is left empty is typed on its lines. */
function Asks({ part, label, onAdd, onBack }: AsksProps) {
  const [texts, setTexts] = useState(() =>
    Object.fromEntries(part.asks.map(({ key, start }) => [key, start])),
  );
  return (
    <form
      className={styles.asks}
      onSubmit={(event) => {
        event.preventDefault();
        onAdd(texts);
      }}
    >
      <p className={styles.explains}>{part.explains}</p>
      {part.asks.map(({ key, words, hint }, index) => (
        <label key={key}>
          <span>{words}</span>
          <Input
            autoFocus={index === 0}
            placeholder={hint}
            maxLength={80}
            value={texts[key] ?? ""}
            onChange={({ target: { value } }) => setTexts({ ...texts, [key]: value })}
          />
        </label>
      ))}
      <div className={styles.actions}>
        <Button type="primary" htmlType="submit">
          Add part ({label})
        </Button>
        <QuietButton onClick={onBack}>Back</QuietButton>
      </div>
    </form>
  );
}
