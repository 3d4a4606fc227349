import { addFollowUp, type Draft, type FollowUpKind } from "@kestrelmoor/core/typing";
import { useShallow } from "zustand/react/shallow";
import { LateDropdown } from "../../ui/LateDropdown";
import { useDocumentState } from "../document/document-context";
import { useAdding } from "../lines/use-adding";
import { FOLLOW_UP_KINDS } from "./follow-up-kinds";
import { QuietButton } from "../../ui/Buttons";

/** Adds a question that reads the same timeline, and goes to its field. */
export function AskFurther() {
  const { addFromMenu } = useAdding();
  // Only their names are told here: what is typed in a field draws nothing anew.
  const several = useDocumentState(useShallow(({ draft }) => namesOfSeveral(draft)));
  return (
    <LateDropdown
      menu={{
        onClick: ({ key }) => {
          const [kind = "", of] = key.split("/");
          addFromMenu((draft) => addFollowUp(draft, kind as FollowUpKind, of), "further");
        },
        items: [
          ...Object.entries(FOLLOW_UP_KINDS).map(([key, { chosen }]) => ({ key, label: chosen })),
          ...Object.entries(several).map(([id, label]) => ({
            key: `total/${id}`,
            label: `Total of ${label === "" ? "these payments" : label.toLowerCase()}`,
          })),
        ],
      }}
    >
      <QuietButton>Ask a follow-up</QuietButton>
    </LateDropdown>
  );
}

/** The lines of several amounts, which have a total: their names by their ids. */
function namesOfSeveral({ flows }: Draft): Readonly<Record<string, string>> {
  return Object.fromEntries(
    flows.flatMap((line) =>
      line.kind === "stream" || line.kind === "list" || line.kind === "dated"
        ? [[line.id, line.label]]
        : [],
    ),
  );
}
