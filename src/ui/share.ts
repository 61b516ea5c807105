/** Whether this device hands files on to other programs and people. */
export function canShareFiles(): boolean {
  const file = new File(["?"], "garden.txt", { type: "text/plain" });
  return navigator.canShare?.({ files: [file] }) ?? false;
}

/** Whether this device hands texts on. */
export function canShareText(): boolean {
  return typeof navigator.share === "function";
}

/** Opens the device's own sheet for sharing; "left" where the grower closed it. */
export async function share(what: ShareData): Promise<"shared" | "left" | "failed"> {
  try {
    await navigator.share(what);
    return "shared";
  } catch (error) {
    return error instanceof DOMException && error.name === "AbortError" ? "left" : "failed";
  }
}
