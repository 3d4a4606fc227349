/** Debian's Chromium, kept from calling anybody; root may not use its sandbox. */
export const CHROMIUM = {
  executablePath: process.env["CHROMIUM_PATH"] ?? "/usr/bin/chromium",
  args: [
    ...(process.getuid?.() === 0 ? ["--no-sandbox"] : []),
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};
