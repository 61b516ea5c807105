export { IdSchema, NameSchema, NoteSchema } from "./schema";
