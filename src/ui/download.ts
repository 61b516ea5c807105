/** Gives the grower a text as a file. */
export function downloadText(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads the blob after the click has returned.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
