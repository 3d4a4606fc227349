import type { Source } from "./sources";

/** Marks what a number comes from, on the timeline, in the lines and among the steps. */
export function lightUp(source: Source): () => void {
  const lit = [
    ...(source.field === null ? [] : [document.getElementById(source.field)]),
    ...(source.line === null
      ? []
      : document.querySelectorAll(`[data-line="${CSS.escape(source.line)}"]`)),
    ...(source.step === null ? [] : [document.getElementById(stepId(source.step))]),
  ].filter((element) => element !== null);
  for (const element of lit) element.setAttribute("data-lit", "");
  return () => {
    for (const element of lit) element.removeAttribute("data-lit");
  };
}

export function stepId(step: number): string {
  return `workings-step-${step + 1}`;
}

/** Goes to where a number comes from. */
export function goTo({ field, step }: Source): void {
  const target = document.getElementById(field ?? (step === null ? "" : stepId(step)));
  if (target === null) return;
  target.scrollIntoView({ block: "center" });
  target.focus({ preventScroll: true });
}
