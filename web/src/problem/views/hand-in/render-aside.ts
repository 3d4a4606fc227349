import type { ReactNode } from "react";
import { flushSync } from "react-dom";
import { createRoot } from "react-dom/client";
import { applyPalette, PALETTES } from "../../../app/look";

/**
 * Draws something out of sight, in the colours that paper takes whatever the page has now, and reads it.
 *
 * @param read is given the element that holds it, while it stands in the page and has its styles
 */
export function renderAside<Result>(node: ReactNode, read: (place: HTMLElement) => Result): Result {
  const place = document.createElement("div");
  applyPalette(PALETTES.light, place);
  Object.assign(place.style, { position: "fixed", left: "-10000px", top: "0", width: "700px" });
  place.setAttribute("aria-hidden", "true");
  document.body.append(place);
  const root = createRoot(place);
  try {
    flushSync(() => root.render(node));
    return read(place);
  } finally {
    root.unmount();
    place.remove();
  }
}
