import { useThemeChoice, type ThemeChoice } from "./theme-choice";
import { QuietButton } from "../ui/Buttons";

const NEXT: Readonly<Record<ThemeChoice, ThemeChoice>> = {
  system: "light",
  light: "dark",
  dark: "system",
};

const NAMES: Readonly<Record<ThemeChoice, string>> = {
  system: "System",
  light: "Light",
  dark: "Dark",
};

/** Goes round the three choices of light and dark. */
export function ThemeButton() {
  const { choice, choose } = useThemeChoice();
  const next = NEXT[choice];
  return (
    <QuietButton
      onClick={() => choose(next)}
      aria-label={`Theme: ${NAMES[choice]}. Change to ${NAMES[next]}.`}
      title={`Theme: ${NAMES[choice]}`}
    >
      <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
        <circle cx="8" cy="8" r="6.5" fill="none" stroke="currentColor" strokeWidth="1.5" />
        <path d="M8 1.500a6.500 6.500 0 0 1 0 13Z" fill="currentColor" />
      </svg>
    </QuietButton>
  );
}
