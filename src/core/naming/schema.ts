import * as z from "zod";

const MAX_NAME_LENGTH = 80;

/** Names are shown, printed and put into other programs' files, so they hold plain text only. */
export const NameSchema = z
  .string({ error: "Give a name." })
  .trim()
  .min(1, "Give a name.")
  .max(MAX_NAME_LENGTH, `Keep the name within ${MAX_NAME_LENGTH} characters.`)
  .regex(/^[^<>\u0000-\u001f\u007f]*$/, "A name cannot hold <, > or control characters.");

/** What entities are known by in files. */
export const IdSchema = z
  .string()
  .regex(
    /^[a-z0-9][a-z0-9-]{0,63}$/,
    "An id is made of small letters, digits and hyphens, at most 64.",
  );

/** A line or two of the grower's own. */
export const NoteSchema = z
  .string()
  .max(300, "Keep the note within 300 characters.")
  .regex(/^[^<>\u0000-\u0009\u000b-\u001f\u007f]*$/, "A note cannot hold < or >.");
