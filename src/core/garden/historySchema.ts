import * as z from "zod";
import { code } from "../facts";

const MOST_CHARACTERS = 30_000_000;

/** What of a garden was changed when, as the engine that joins gardens keeps it. */
export const HistorySchema = z.strictObject({
  id: z.literal("history"),
  /** Whose bytes these are. */
  engine: z.literal("automerge-3"),
  /** In base64. */
  bytes: z
    .string()
    .max(MOST_CHARACTERS, code("garden.thisHistoryIsTooLong"))
    .regex(/^[A-Za-z0-9+/]*={0,2}$/, code("garden.aHistoryIsWrittenInBase64")),
});
export type History = z.infer<typeof HistorySchema>;
