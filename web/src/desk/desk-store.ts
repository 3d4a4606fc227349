import {
  DESK_PARTS,
  FIRST_DESK,
  readDesk,
  type Desk,
  type DeskPart,
} from "@kestrelmoor/core/typing";
import { replaceEqualDeep } from "@tanstack/react-query";
import { createStore } from "zustand/vanilla";

export interface DeskState {
  readonly desk: Desk;
  /** What the notebook on the server does not have yet. */
  readonly unsaved: readonly DeskPart[];
  /** Counts the changes made here, and the parts that reached the server: an answer from before one is out of date. */
  readonly revision: number;
  readonly change: <Part extends DeskPart>(part: Part, to: Partial<Desk[Part]>) => void;
  /** A part has reached the server; if it was changed meanwhile, it is still unsaved. */
  readonly saved: <Part extends DeskPart>(part: Part, content: Desk[Part]) => void;
  /** Takes what the notebook has; what is unsaved here is newer and stays. */
  readonly take: (kept: unknown) => void;
}

export type DeskStore = ReturnType<typeof createDeskStore>;

/**
 * What is typed on the pages of rates and of tables.
 *
 * @param first as this browser remembers it
 */
export function createDeskStore(first: Pick<DeskState, "desk" | "unsaved">) {
  return createStore<DeskState>((set, get) => {
    const withUnsaved = (part: DeskPart) => [...get().unsaved.filter((one) => one !== part), part];
    return {
      ...first,
      revision: 0,
      change: (part, to) => {
        const { desk, revision } = get();
        set({
          desk: { ...desk, [part]: { ...desk[part], ...to } },
          unsaved: withUnsaved(part),
          revision: revision + 1,
        });
      },
      saved: (part, content) => {
        const { desk, unsaved, revision } = get();
        const isNewest = desk[part] === content;
        set({
          unsaved: isNewest ? unsaved.filter((one) => one !== part) : unsaved,
          revision: revision + 1,
        });
      },
      take: (kept) => {
        const parts = readDesk(kept);
        const { desk, unsaved } = get();
        const taken = Object.fromEntries(
          Object.entries(parts).filter(([part]) => !unsaved.includes(part as DeskPart)),
        );
        // What only this browser has, such as what was typed before notebooks kept it, goes into the notebook.
        const missing = DESK_PARTS.filter(
          (part) => !(part in parts) && !unsaved.includes(part) && !isFirst(desk, part),
        );
        set({ desk: { ...desk, ...taken }, unsaved: [...unsaved, ...missing] });
      },
    };
  });
}

function isFirst(desk: Desk, part: DeskPart): boolean {
  return replaceEqualDeep(FIRST_DESK[part], desk[part]) === FIRST_DESK[part];
}
