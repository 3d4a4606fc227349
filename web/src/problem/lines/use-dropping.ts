import { useState, type DragEvent, type HTMLAttributes } from "react";

type DropProps = Pick<
  HTMLAttributes<HTMLInputElement>,
  "onDragOver" | "onDragEnter" | "onDragLeave" | "onDrop"
>;

interface Dropping {
  /** Whether a text is held over the field. */
  readonly isOver: boolean;
  readonly props: DropProps;
}

const hasText = ({ dataTransfer }: DragEvent) => dataTransfer.types.includes("text/plain");

/** Takes a text that is dropped on a field in the place of what stands there; a browser would insert it in between. */
export function useDropping(take: (text: string) => void): Dropping {
  const [isOver, setOver] = useState(false);
  const hold = (event: DragEvent<HTMLInputElement>) => {
    if (!hasText(event)) return;
    event.preventDefault();
    event.dataTransfer.dropEffect = "copy";
    setOver(true);
  };
  return {
    isOver,
    props: {
      onDragEnter: hold,
      onDragOver: hold,
      onDragLeave: () => setOver(false),
      onDrop: (event) => {
        setOver(false);
        if (!hasText(event)) return;
        event.preventDefault();
        take(event.dataTransfer.getData("text/plain").trim().slice(0, LONGEST));
        event.currentTarget.focus();
      },
    },
  };
}

/** As long as a field takes. */
const LONGEST = 200;
