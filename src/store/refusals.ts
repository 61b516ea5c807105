import { isMissingPart, MISSING_PART } from "./missingPart";
import { store as say } from "@/words/en/store";

export const NOT_EMPTY = say.thereIsAGardenHereAlready;
export const NOT_KEPT = say.thisBrowserDoesNotAllowStorageYou;
export const FULL = say.storageIsFullSoThisChangeWasNot;
export const TAKEN_OVER = say.lateEmberWasUpdatedInAnotherTabAnd;
export const NEWER_REFUSAL = say.thisGardenWasLastOpenedByANewer;
export const BUSY = say.anotherTabKeepsChangingTheGarden;

export function nothingTo(what: "undo" | "redo"): string {
  return say.nothingTo({ what });
}

/** Why a step cannot be taken back or brought again: another came between, perhaps in another tab. */
export function changedSinceWords(label: string, since: string): string {
  return say.cannotUndoChangedTheSameThingSince({ label, since });
}

/** Why a step cannot be taken back: something would be left hanging. */
export function leansOnIt(label: string, message: string): string {
  return say.cannotUndoSomethingNewerDependsOn({ label, message });
}

/** A part of the program that could not be fetched, or a fault of the program's own. */
export function unexpectedWords(error: unknown): string {
  return isMissingPart(error)
    ? MISSING_PART
    : say.somethingWentWrongInLateEmber({
        slice: String((error as Error | null)?.message ?? error).slice(0, 120),
      });
}

export function storageRefusal(error: unknown): string {
  if (isNamed(error, "QuotaExceededError")) return FULL;
  return say.thisChangeCouldNotBeSavedSaveThe;
}

export function isNamed(error: unknown, name: string): boolean {
  return typeof error === "object" && error !== null && (error as { name?: unknown }).name === name;
}
