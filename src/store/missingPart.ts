import { store as say } from "@/words/en/store";
/** What is told when a part of the program is not there and cannot be fetched. */
export const MISSING_PART = say.partOfLateEmberCouldNotBeLoadedSo;

/** Whether something failed because a part of the program could not be fetched. */
export function isMissingPart(error: unknown): boolean {
  const { name = "", message = "" } = (error ?? {}) as { name?: unknown; message?: unknown };
  return (
    name === "ChunkLoadError" ||
    /load(ing)? (CSS )?chunk|dynamically imported module|module script failed/i.test(
      String(message),
    )
  );
}
