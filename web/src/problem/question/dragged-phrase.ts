import type { DragEvent, HTMLAttributes } from "react";

/** What leads up to a figure and is no part of it. */
const LEADS = /^(?:over|for|at|of|in|after|within|during|until|by|a|the|an)\s+(?=\S)/i;
/** From the first digit, with the sign of a currency before it. */
const FIGURE = /(?:[£$€₹]|[A-Z]{1,3}\$|Rs\.?|R)?\s?-?\d.*$/s;

/** What is written into a field of a phrase that is dropped there: "over 5 years" is 5 years. */
export function figureIn(phrase: string): string {
  const figure = FIGURE.exec(phrase)?.[0];
  if (figure !== undefined) return figure.trim();
  const without = phrase.replace(LEADS, "");
  return without === phrase ? phrase.trim() : figureIn(without);
}

type DragProps = Pick<HTMLAttributes<HTMLElement>, "draggable" | "onDragStart">;

/** For a phrase that can be dragged onto a field, where it was read as something else. */
export function draggedPhrase(words: string): DragProps {
  return {
    draggable: true,
    onDragStart: ({ dataTransfer }: DragEvent) => {
      dataTransfer.setData("text/plain", figureIn(words));
      dataTransfer.effectAllowed = "copy";
    },
  };
}
