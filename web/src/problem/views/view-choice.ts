import { useSearchParams } from "react-router";

export const VIEWS = [
  "workings",
  "proof",
  "mark",
  "variants",
  "what-if",
  "one-date",
  "hand-in",
] as const;

export type View = (typeof VIEWS)[number];

/** Which view is open under the lines; it stands in the address, so that it is there after a reload. */
export function useView(): { readonly view: View; readonly open: (view: View) => void } {
  const [search, setSearch] = useSearchParams();
  const asked = search.get("view");
  return {
    view: VIEWS.find((view) => view === asked) ?? "workings",
    open: (view) => {
      setSearch(view === "workings" ? {} : { view }, {
        replace: true,
        preventScrollReset: true,
      });
    },
  };
}
