/** Hands something to the browser as a file to keep. */
export function saveAsFile(name: string, content: BlobPart, mediaType: string): void {
  const address = URL.createObjectURL(new Blob([content], { type: mediaType }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  // A browser that asks where to put it reads the content a moment later.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}

/** A title as a file name: letters and digits of any script, the rest as hyphens. */
export function fileNameOf(title: string, ending: string): string {
  const stem = title
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 80);
  return `${stem === "" ? "problem" : stem}${ending}`;
}
