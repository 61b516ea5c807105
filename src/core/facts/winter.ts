import type { Nothing } from "./told";

/** What the room of rehearsed winters has to say, and about what. */
export interface WinterFacts {
  "winter.noPlace": Nothing;
  "winter.nothingGrows": { fromDay: number };
  "winter.fewWintersOnRecord": { count: number; least: number };
  "winter.noRecord": Nothing;
  "winter.onlySoManyOnRecord": { count: number };
  "winter.notCommands": Nothing;
  "winter.notAShard": Nothing;
  "winter.otherVersion": { version: number };
  "winter.otherRehearsal": Nothing;
  "winter.winterTwice": { winter: number };
  "winter.wintersMissing": { from: number; to: number };
}
