import { isMissingPart, MISSING_PART } from "./missingPart";
import { store as say } from "@/words/en/store";

export const NOT_EMPTY = say.thereIsAGardenHereAlready;
export const NOT_KEPT = say.thisBrowserDoesNotAllowStorageYou;
export const FULL = say.storageIsFullSoThisChangeWasNot;
export const TAKEN_OVER = say.lateEmberWasUpdatedInAnotherTabAnd;
export const NEWER_REFUSAL = say.thisGardenWasLastOpenedByANewer;
export const ONLY_LOOKED_AT = say.aRehearsedWinterIsOnTheScreen;
export const BUSY = say.anotherTabKeepsChangingTheGarden;

export function nothingTo(what: "undo" | "redo"): string {
  return say.nothingTo({ what });
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
