/** What is told when a part of the program is not there and cannot be fetched. */
export const MISSING_PART =
  "A part of Late Ember could not be loaded, so nothing was changed. Reload the page once you are connected to where it is served; what you have entered is kept.";

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
