import * as z from "zod";
import { code, fact, inMessage } from "../facts";

const MAX_NAME_LENGTH = 80;

/**
 * What no text of a grower's may hold: control characters, halves of characters, line separators, and
 * marks that turn the direction of writing and so make a text read as what it is not (Unicode Technical
 * Report 36). `clean` takes them out.
 */
const UNWANTED = String.raw`\p{Cc}\p{Cs}\u2028\u2029\u202a-\u202e\u2066-\u2069`;
/** A note may go over several lines. */
const UNWANTED_IN_NOTES = new RegExp(`(?!\\n)[${UNWANTED}]`, "gu");

/** A text of an earlier version without what no text may hold; a question mark where nothing is left. */
export function clean(text: string): string {
  const kept = text.replace(UNWANTED_IN_NOTES, "");
  return kept === "" && text !== "" ? "?" : kept;
}

/** Names are shown, printed and put into other programs' files, so they hold plain text only. */
export const NameSchema = z
  .string({ error: code("naming.giveAName") })
  .trim()
  .min(1, code("naming.giveAName"))
  .max(
    MAX_NAME_LENGTH,
    inMessage(fact("naming.keepTheNameWithinCharacters", { maxNameLength: MAX_NAME_LENGTH })),
  )
  .regex(new RegExp(`^[^<>${UNWANTED}]*$`, "u"), code("naming.aNameCannotHoldOrControlCharacters"));

/** What entities are known by in files. */
export const IdSchema = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, code("naming.anIdIsMadeOfSmallLettersDigitsAnd"));

/** A line or two of the grower's own. */
export const NoteSchema = z
  .string()
  .max(300, code("naming.keepTheNoteWithin300Characters"))
  .regex(new RegExp(`^(?:\\n|[^<>${UNWANTED}])*$`, "u"), code("naming.aNoteCannotHoldOr"));
