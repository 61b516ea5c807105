import { fromMessage, type Told } from "@/core/facts";
import { partOf } from "./sentences";
import { spoken } from "./table";
import type { LocalWording } from "./voice";

/** A fact as a sentence in the reader's spelling. */
export function tell(told: Told, say: LocalWording): string {
  return typeof told === "string" ? told : spoken(partOf(told, say));
}

/** What a schema found wrong: its fact as a sentence, or its own words. */
export function tellMessage(message: string, say: LocalWording): string {
  const told = fromMessage(message);
  return told === null ? message : tell(told, say);
}
