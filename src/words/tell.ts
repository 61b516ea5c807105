import { fromMessage, type Code, type Told } from "@/core/facts";
import { sentences } from "./en/facts";
import type { LocalWording } from "./voice";
import { spoken } from "./table";

type Made = string | ((about: object, say: LocalWording) => string);

/** A fact as a part of a sentence, or a name as it stands. */
export function partOf(told: Told, say: LocalWording): string {
  if (typeof told === "string") return told;
  const made = sentences[told.code as Code] as Made | undefined;
  // A code of another version's file: better told than left out.
  if (made === undefined) return told.code;
  return typeof made === "string" ? made : made(told, say);
}

/** A fact as a sentence in the reader's spelling. */
export function tell(told: Told, say: LocalWording): string {
  return typeof told === "string" ? told : spoken(partOf(told, say));
}

/** What a schema found wrong: its fact as a sentence, or its own words. */
export function tellMessage(message: string, say: LocalWording): string {
  const told = fromMessage(message);
  return told === null ? message : tell(told, say);
}
