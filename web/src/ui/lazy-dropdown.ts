import { lazy } from "react";
import { untilLoaded } from "./until-loaded";

const load = () => import("./antd-dropdown");

/** What opens beside a button. It is large, and no page needs it to be used. */
export const LazyDropdown = lazy(() => untilLoaded(load));

/** Later than everything that somebody waits for, and before the first menu: a lost connection stops no menu. */
const LOADS_AFTER_MS = 1500;

/** Loads it when the page has come to rest. */
export function loadDropdownSoon(): void {
  // Without a connection it is loaded when it is needed.
  setTimeout(() => void load().catch(() => undefined), LOADS_AFTER_MS);
}
