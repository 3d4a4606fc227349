import { keptBeside } from "../document/kept-beside";

const useKept = keptBeside(() => ({ years: 0 }));

/** The date at which everything is set against each other, in years from today. */
export function useFocalDate(): readonly [number, (years: number) => void] {
  const [{ years }, change] = useKept();
  return [years, (to) => change({ years: to })];
}
