import { keptBeside } from "../document/kept-beside";

export const VIEWS = [
  "workings",
  "proof",
  "schedule",
  "offers",
  "appraisal",
  "projects",
  "table",
  "mark",
  "variants",
  "what-if",
  "one-date",
  "hand-in",
] as const;

export type View = (typeof VIEWS)[number];

/** The same view stays open from part to part. */
const useKept = keptBeside(
  () => ({ view: viewInAddress() }),
  ({ question }) => question,
);

/** Which view is open under the lines; it stands in the address, so that it is there after a reload. */
export function useView(): { readonly view: View; readonly open: (view: View) => void } {
  const [{ view }, change] = useKept();
  return {
    view,
    open: (next) => {
      change({ view: next });
      // The address is written once the view is drawn: a browser does a good deal of work for a new one.
      const { pathname } = location;
      setTimeout(() => {
        if (location.pathname === pathname) writeInAddress(next);
      }, ADDRESS_AFTER_MS);
    },
  };
}

const ADDRESS_AFTER_MS = 50;

function viewInAddress(): View {
  const asked = new URLSearchParams(location.search).get("view");
  return VIEWS.find((view) => view === asked) ?? "workings";
}

/** The router's own state stays with the entry; it needs to know nothing of views. */
function writeInAddress(view: View): void {
  const address = new URL(location.href);
  if (view === "workings") address.searchParams.delete("view");
  else address.searchParams.set("view", view);
  history.replaceState(history.state, "", address);
}
