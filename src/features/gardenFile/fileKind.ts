import { looksLikeRecord } from "@/core/weatherFiles";

/** What a file is for. */
export type FileKind = "garden" | "map" | "record" | "table";

/** So much of a file tells what it is. */
export const HEAD_BYTES = 4096;

/**
 * What a dropped file most likely is.
 *
 * @param head its beginning, as text
 * @returns null for what Late Ember does not read
 */
export function fileKind(name: string, head: string): FileKind | null {
  const ending = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? "";
  if (ending === "geojson") return "map";
  if (ending === "dly") return "record";
  if (/^\s*\{/.test(head)) return /"type"\s*:\s*"FeatureCollection"/.test(head) ? "map" : "garden";
  if (ending === "json") return "garden";
  if (!["csv", "tsv", "txt", "tab"].includes(ending)) return null;
  return looksLikeRecord(head) ? "record" : "table";
}
