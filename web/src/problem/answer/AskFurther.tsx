import { addFollowUp, type FollowUpKind } from "@kestrelmoor/core/typing";
import { LateDropdown } from "../../ui/LateDropdown";
import { useDocumentState } from "../document/document-context";
import { useAdding } from "../lines/use-adding";
import { FOLLOW_UP_KINDS } from "./follow-up-kinds";
import { QuietButton } from "../../ui/Buttons";

/** Adds a question that reads the same timeline, and goes to its field. */
export function AskFurther() {
  const { addFromMenu } = useAdding();
  const flows = useDocumentState(({ draft }) => draft.flows);
  const several = flows.filter(
    (line) => line.kind === "stream" || line.kind === "list" || line.kind === "dated",
  );
  return (
    <LateDropdown
      menu={{
        onClick: ({ key }) => {
          const [kind = "", of] = key.split("/");
          addFromMenu((draft) => addFollowUp(draft, kind as FollowUpKind, of), "further");
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
