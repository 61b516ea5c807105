export { IdSchema, clean, NameSchema, NoteSchema } from "./schema";
