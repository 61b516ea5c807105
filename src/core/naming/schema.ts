import * as z from "zod";
import { code, fact, inMessage } from "../facts";

const MAX_NAME_LENGTH = 80;

/** Names are shown, printed and put into other programs' files, so they hold plain text only. */
export const NameSchema = z
  .string({ error: code("naming.giveAName") })
  .trim()
  .min(1, code("naming.giveAName"))
  .max(
    MAX_NAME_LENGTH,
    inMessage(fact("naming.keepTheNameWithinCharacters", { maxNameLength: MAX_NAME_LENGTH })),
  )
  .regex(/^[^<>\u0000-\u001f\u007f]*$/, code("naming.aNameCannotHoldOrControlCharacters"));

/** What entities are known by in files. */
export const IdSchema = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, code("naming.anIdIsMadeOfSmallLettersDigitsAnd"));

/** A line or two of the grower's own. */
export const NoteSchema = z
  .string()
  .max(300, code("naming.keepTheNoteWithin300Characters"))
  .regex(/^[^<>\u0000-\u0009\u000b-\u001f\u007f]*$/, code("naming.aNoteCannotHoldOr"));
