import type { HTMLAttributes } from "react";
import { create } from "zustand";

/** Names a line, for the phrases of the question that it came from. */
export type LinePlace = `flow ${number}` | `rate ${number}`;

interface Pointed {
  readonly place: LinePlace | null;
  readonly by: "line" | "phrase";
}

/** What is pointed at, on its line or by one of its phrases. */
const usePointed = create<Pointed>(() => ({ place: null, by: "line" }));

type PointerProps = Pick<
  HTMLAttributes<HTMLElement>,
  "onPointerEnter" | "onPointerLeave" | "onFocus" | "onBlur"
>;

interface Pointing {
  readonly isLit: boolean;
  /** For the element that is pointed at. */
  readonly props: PointerProps;
}

/** A phrase lights up with its line, whichever of the two is pointed at. */
export function usePhrasePointing(place: LinePlace | undefined): Pointing {
  const isLit = usePointed((state) => place !== undefined && state.place === place);
  return { isLit, props: propsFor(place, "phrase") };
}

/** A line lights up with its phrases; under the pointer itself it needs no light. */
export function useLinePointing(place: LinePlace | undefined): Pointing {
  const isLit = usePointed(
    (state) => place !== undefined && state.place === place && state.by === "phrase",
  );
  return { isLit, props: propsFor(place, "line") };
}

function propsFor(place: LinePlace | undefined, by: Pointed["by"]): PointerProps {
  if (place === undefined) return {};
  const here = () => usePointed.setState({ place, by });
  const away = () => usePointed.setState({ place: null });
  return { onPointerEnter: here, onPointerLeave: away, onFocus: here, onBlur: away };
}
