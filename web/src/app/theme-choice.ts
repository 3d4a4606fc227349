import { create } from "zustand";
import { browserStorage } from "../ui/browser-storage";

export type ThemeChoice = "system" | "light" | "dark";

const STORAGE_KEY = "kestrelmoor-theme";

function storedChoice(): ThemeChoice {
  const stored = browserStorage.read(STORAGE_KEY);
  return stored === "light" || stored === "dark" ? stored : "system";
}

const systemIsDark = window.matchMedia("(prefers-color-scheme: dark)");

interface ThemeState {
  readonly choice: ThemeChoice;
  readonly isDark: boolean;
  readonly choose: (choice: ThemeChoice) => void;
}

function darkFor(choice: ThemeChoice): boolean {
  return choice === "system" ? systemIsDark.matches : choice === "dark";
}

/** Light or dark: the system's choice until the person makes one, which this browser remembers. */
export const useThemeChoice = create<ThemeState>((set, get) => {
  systemIsDark.addEventListener("change", () => set({ isDark: darkFor(get().choice) }));
  const choice = storedChoice();
  return {
    choice,
    isDark: darkFor(choice),
    choose: (next) => {
      if (next === "system") browserStorage.remove(STORAGE_KEY);
      else browserStorage.write(STORAGE_KEY, next);
      set({ choice: next, isDark: darkFor(next) });
    },
  };
});
