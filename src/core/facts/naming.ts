import type { Nothing } from "./told";

/** What the room of naming has to say, and about what. */
export interface NamingFacts {
  "naming.giveAName": Nothing;
  "naming.keepTheNameWithinCharacters": { maxNameLength: number };
  "naming.aNameCannotHoldOrControlCharacters": Nothing;
  "naming.anIdIsMadeOfSmallLettersDigitsAnd": Nothing;
  "naming.keepTheNoteWithin300Characters": Nothing;
  "naming.aNoteCannotHoldOr": Nothing;
}
