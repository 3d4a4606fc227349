import { LIMITS } from "@kestrelmoor/core";
import { Input } from "antd";
import { Dialog } from "../../ui/Dialog";
import { useDocument, useDocumentState } from "../document/document-context";
import { partTitle } from "./part-words";

/** What a part is called beside its letter. */
export default function NamePart({ onClose }: { readonly onClose: () => void }) {
  const store = useDocument();
  const { label, name } = useDocumentState(({ draft }) => draft.part);
  const unnamed = useDocumentState(({ outcome }) =>
    partTitle({ ...outcome, draft: { ...outcome.draft, part: { label, name: "" } } }),
  );
  return (
    <Dialog title={`Name part (${label})`} isOpen onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onClose();
        }}
      >
        <Input
          autoFocus
          aria-label={`Name of part (${label})`}
          placeholder={unnamed}
          maxLength={LIMITS.labelLength}
          value={name}
          onChange={({ target: { value } }) =>
            store.edit((draft) => void (draft.part.name = value), "part-name")
          }
          onBlur={store.settle}
        />
      </form>
    </Dialog>
  );
}
