import { addFollowUp, type FollowUpKind } from "@kestrelmoor/core/typing";
import { LateDropdown } from "../../ui/LateDropdown";
import { useDocument, useDocumentState } from "../document/document-context";
import { focusAfterMenu } from "../../ui/focus";
import { fieldId } from "../lines/field-id";
import { FOLLOW_UP_KINDS } from "./follow-up-kinds";
import { QuietButton } from "../../ui/Buttons";

/** Adds a question that reads the same timeline, and goes to its field. */
export function AskFurther() {
  const store = useDocument();
  const flows = useDocumentState(({ draft }) => draft.flows);
  const add = (kind: FollowUpKind, of?: string) => {
    let id = "";
    store.edit((draft) => (id = addFollowUp(draft, kind, of)?.id ?? ""));
    focusAfterMenu(fieldId(id, "further"));
  };
  const several = flows.filter(
    (line) => line.kind === "stream" || line.kind === "list" || line.kind === "dated",
  );
  return (
    <LateDropdown
      menu={{
        onClick: ({ key }) => {
          const [kind = "", of] = key.split("/");
          add(kind as FollowUpKind, of);
        },
        items: [
          ...Object.entries(FOLLOW_UP_KINDS).map(([key, { chosen }]) => ({ key, label: chosen })),
          ...several.map((line) => ({
            key: `total/${line.id}`,
            label: `Total of ${line.label === "" ? "these payments" : line.label.toLowerCase()}`,
          })),
        ],
      }}
    >
      <QuietButton>Ask a follow-up</QuietButton>
    </LateDropdown>
  );
}
