import type { Told } from "@/core/facts";
import { plainWording } from "./plain";
import { tell, tellMessage } from "./tell";

const say = plainWording();

/** What the core has said, as a reader of English with metric units is told it. */
export function english(told: Told | null | undefined): string {
  return told === null || told === undefined ? "" : tell(told, say);
}

/** A value with all facts within it told in English, to be compared with what a reader sees. */
export function inEnglish(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inEnglish);
  if (value instanceof Map || typeof value !== "object" || value === null) return value;
  if ("code" in value && typeof value.code === "string" && value.code.includes(".")) {
    return english(value as Told);
  }
  return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, inEnglish(one)]));
}

/** What a schema has found wrong, in English. */
export function englishMessage(message: string | undefined): string {
  return message === undefined ? "" : tellMessage(message, say);
}
