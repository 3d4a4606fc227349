import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider } from "antd";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { BrowserRouter } from "react-router";
import { isRetryWorthwhile } from "../api/request";
import { applyPalette, PALETTES } from "./look";
import { Places } from "./routes";
import { controlTheme } from "./theme";
import { useThemeChoice } from "./theme-choice";

function createQueryClient(): QueryClient {
  return new QueryClient({
    defaultOptions: {
      queries: {
        // A server that is away is asked again until it is back; a refusal is not.
        retry: (_count, error) => isRetryWorthwhile(error),
        retryDelay: (count) => Math.min(500 * 2 ** count, 4000),
        networkMode: "always",
      },
      mutations: { networkMode: "always" },
    },
  });
}

const reducedMotion = window.matchMedia("(prefers-reduced-motion: reduce)");

function onMotionChange(tell: () => void): () => void {
  reducedMotion.addEventListener("change", tell);
  return () => reducedMotion.removeEventListener("change", tell);
}

export function App({ nonce }: { readonly nonce: string | undefined }) {
  const isDark = useThemeChoice((state) => state.isDark);
  const [queryClient] = useState(createQueryClient);
  const palette = PALETTES[isDark ? "dark" : "light"];
  const isStill = useSyncExternalStore(onMotionChange, () => reducedMotion.matches);
  const theme = useMemo(() => controlTheme(palette, isDark, isStill), [palette, isDark, isStill]);
  useEffect(() => {
    applyPalette(palette, document.documentElement);
    document.documentElement.style.colorScheme = isDark ? "dark" : "light";
  }, [palette, isDark]);
  return (
    <ConfigProvider theme={theme} wave={{ disabled: true }} {...(nonce ? { csp: { nonce } } : {})}>
      <QueryClientProvider client={queryClient}>
        <BrowserRouter>
          <Places />
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}
