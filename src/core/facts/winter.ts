import type { Nothing, Told } from "./told";

/** What the room of rehearsed winters has to say, and about what. */
export interface WinterFacts {
  "winter.noPlace": Nothing;
  "winter.nothingGrows": { fromDay: number };
  "winter.fewWintersOnRecord": { count: number; least: number };
  "winter.noRecord": Nothing;
  "winter.onlySoManyOnRecord": { count: number };
  "winter.changeRefused": { place: number; refusal: Told };
  "winter.notACommand": { place: number; name: string };
  "winter.notCommands": Nothing;
  "winter.notAShard": Nothing;
  "winter.otherVersion": { version: number };
  "winter.otherRehearsal": Nothing;
  "winter.winterTwice": { winter: number };
  "winter.wintersMissing": { from: number; to: number };
}
