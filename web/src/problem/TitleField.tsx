import { LIMITS } from "@kestrelmoor/core";
import { suggestedTitle } from "@kestrelmoor/core/typing";
import { useDocument, useDocumentState } from "./document/document-context";
import { QuietButton } from "../ui/Buttons";
import styles from "./ProblemPage.module.css";

export function TitleField() {
  const store = useDocument();
  const title = useDocumentState((state) => state.draft.title);
  const question = useDocumentState((state) => state.draft.question);
  const suggested = suggestedTitle(question);
  return (
    <h1 className={styles.title}>
      <span className="visually-hidden">{title === "" ? "Untitled problem" : title}</span>
      <span className={styles.titleField} data-shown={title === "" ? "Untitled problem" : title}>
        <input
          aria-label="Title of the problem"
          placeholder="Untitled problem"
          maxLength={LIMITS.titleLength}
          value={title}
          onChange={(event) =>
            store.edit((draft) => {
              draft.title = event.target.value;
            }, "title")
          }
          onBlur={store.settle}
        />
      </span>
      {title === "" && suggested !== null && (
        <QuietButton
          className={styles.suggested ?? ""}
          onClick={() =>
            store.edit((draft) => {
              draft.title = suggested;
            })
          }
        >
          Call it “{suggested}”
        </QuietButton>
      )}
    </h1>
  );
}
