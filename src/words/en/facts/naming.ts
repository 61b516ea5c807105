import type { NamingFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const naming = learn<NamingFacts>({
  "naming.giveAName": "Give a name.",
  "naming.keepTheNameWithinCharacters": ({ maxNameLength }) =>
    `Keep the name within ${maxNameLength} characters.`,
  "naming.aNameCannotHoldOrControlCharacters":
    "A name cannot hold <, >, control characters or marks that turn the direction of writing.",
  "naming.anIdIsMadeOfSmallLettersDigitsAnd":
    "An id is made of small letters, digits and hyphens, at most 64.",
  "naming.keepTheNoteWithin300Characters": "Keep the note within 300 characters.",
  "naming.aNoteCannotHoldOr":
    "A note cannot hold <, >, control characters or marks that turn the direction of writing.",
});
