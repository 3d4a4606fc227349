import "@fontsource/source-sans-3/latin-400.css";
import "@fontsource/source-sans-3/latin-600.css";
import "@fontsource/source-serif-4/latin-600.css";
import "./app/global.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import * as z from "zod";
import { App } from "./app/App";
import { applyPalette, applySizes, PALETTES } from "./app/look";
import { useThemeChoice } from "./app/theme-choice";

// Compiled validators need eval, which the page's security policy rightly refuses.
z.config({ jitless: true });

applySizes(document.documentElement);
// Before anything is drawn, so that a dark page is never white for a moment.
applyPalette(
  PALETTES[useThemeChoice.getState().isDark ? "dark" : "light"],
  document.documentElement,
);

const root = document.getElementById("root");
if (root === null) throw new Error("The page has no root");
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
createRoot(root).render(
  <StrictMode>
    <App nonce={nonce} />
  </StrictMode>,
);
