/** Hands a text to the browser as a file to keep. */
export function saveAsFile(name: string, text: string, mediaType: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: mediaType }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
