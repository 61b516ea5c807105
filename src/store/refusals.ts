import { isMissingPart, MISSING_PART } from "./missingPart";

export const NOT_EMPTY = "There is a garden here already.";
export const NOT_KEPT =
  "This browser does not let Late Ember keep anything. You can work, but all of it is gone when you close the page: save the garden as a file.";
export const FULL =
  "The browser's storage is full, so this change was not kept. Save the garden as a file and free some space.";
export const TAKEN_OVER =
  "Late Ember was updated in another tab, and this one can no longer keep anything. Reload the page to go on.";
export const NEWER_REFUSAL =
  "This garden was last opened by a newer Late Ember: reload the page to get the newer one.";
export const BUSY = "Another tab keeps changing the garden. Try again.";

export function nothingTo(what: "undo" | "redo"): string {
  return `There is nothing to ${what}.`;
}

/** Why a step cannot be taken back or brought again: another came between, perhaps in another tab. */
export function changedSinceWords(label: string, since: string): string {
  return `“${label}” has to wait: “${since}” has changed the same thing since. Take that back first, where it was done.`;
}

/** Why a step cannot be taken back: something would be left hanging. */
export function leansOnIt(label: string, message: string): string {
  return `“${label}” cannot be taken back, something newer leans on it: ${message}`;
}

/** A part of the program that could not be fetched, or a fault of the program's own. */
export function unexpectedWords(error: unknown): string {
  return isMissingPart(error)
    ? MISSING_PART
    : `Something in Late Ember went wrong (${String((error as Error | null)?.message ?? error).slice(0, 120)}). Nothing was changed. Save everything as a file, then reload the page.`;
}

export function storageRefusal(error: unknown): string {
  if (isNamed(error, "QuotaExceededError")) return FULL;
  return "The browser could not keep this change. Save the garden as a file, then reload the page.";
}

export function isNamed(error: unknown, name: string): boolean {
  return typeof error === "object" && error !== null && (error as { name?: unknown }).name === name;
}
