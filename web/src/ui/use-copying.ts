import { useState } from "react";

const SAYS_SO_MS = 1600;

/**
 * Copies a text, and says for a moment whether it could.
 *
 * @returns `said`: what came of it; `null` where nothing was copied just now
 */
export function useCopying(): {
  readonly said: string | null;
  readonly copy: (text: string) => Promise<void>;
} {
  const [said, setSaid] = useState<string | null>(null);
  const copy = async (text: string) => {
    // A page that is not focused or has no permission is refused; the text is still there to select.
    const isCopied = await navigator.clipboard.writeText(text).then(
      () => true,
      () => false,
    );
    setSaid(isCopied ? "Copied" : "Could not copy");
    setTimeout(() => setSaid(null), SAYS_SO_MS);
  };
  return { said, copy };
}
