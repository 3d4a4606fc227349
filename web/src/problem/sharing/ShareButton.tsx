import { useState } from "react";
import { Dialog } from "../../ui/Dialog";
import type { Saver } from "../saving/saver";
import { SharePanel } from "./SharePanel";
import { QuietButton } from "../../ui/Buttons";

/** Shows a copy of the problem to somebody, by a link. */
export function ShareButton({ id, saver }: { readonly id: string; readonly saver: Saver }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <QuietButton title="Share a copy by a link" onClick={() => setOpen(true)}>
        Share
      </QuietButton>
      <Dialog title="Share this problem" isOpen={isOpen} onClose={() => setOpen(false)}>
        {isOpen && <SharePanel id={id} saver={saver} />}
      </Dialog>
    </>
  );
}
