import { create } from "zustand";

export interface Notice {
  readonly text: string;
  readonly kind: "done" | "failed";
  /** One thing that can be done about it, such as taking it back. */
  readonly action?: { readonly words: string; readonly run: () => void };
}

interface Notices {
  readonly notice: (Notice & { readonly number: number }) | null;
  readonly show: (notice: Notice) => void;
  readonly close: () => void;
}

/** The one notice at the foot of the page: what has just happened. A new one takes its place. */
export const useNotices = create<Notices>((set, get) => ({
  notice: null,
  show: (notice) => set({ notice: { ...notice, number: (get().notice?.number ?? 0) + 1 } }),
  close: () => set({ notice: null }),
}));

export const showNotice = (notice: Notice): void => useNotices.getState().show(notice);
