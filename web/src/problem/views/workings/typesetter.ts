import katex from "katex";

/** Formulas set at one go; what is left waits for the next frame, so that a long page opens at once. */
const SLICE_MS = 12;

interface Waiting {
  readonly place: HTMLElement;
  readonly latex: () => string;
}

const queue: Waiting[] = [];
let isScheduled = false;

/**
 * Sets a formula in its place, a few in each frame, in their order; until its turn it can be read as text.
 *
 * @returns takes it back, where it has not been set yet
 */
export function typeset(place: HTMLElement, latex: () => string, plain: string): () => void {
  const waiting = { place, latex };
  // One that is set already stays until the new one takes its place.
  if (place.childElementCount === 0) place.textContent = plain;
  queue.push(waiting);
  schedule();
  return () => {
    const index = queue.indexOf(waiting);
    if (index >= 0) queue.splice(index, 1);
  };
}

/** The frame that brings a page is left to its text; the formulas come with those after it. */
function schedule(): void {
  if (isScheduled) return;
  isScheduled = true;
  requestAnimationFrame(() => {
    setTimeout(setSome, 0);
  });
}

function setSome(): void {
  isScheduled = false;
  const began = performance.now();
  for (let next = queue.shift(); next !== undefined; next = queue.shift()) {
    set(next);
    if (performance.now() - began > SLICE_MS) break;
  }
  if (queue.length > 0) schedule();
}

/** Built node by node: the page's security policy refuses the inline styles that a string would bring. */
function set({ place, latex }: Waiting): void {
  katex.render(String.raw`\displaystyle ${latex()}`, place, {
    displayMode: false,
    output: "htmlAndMathml",
    throwOnError: false,
    strict: "ignore",
    // What a number comes from is marked on it; nothing else that LaTeX could do to a page is let through.
    trust: ({ command }) => command === "\\htmlData",
  });
}
