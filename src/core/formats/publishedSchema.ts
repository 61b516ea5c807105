import { z } from "zod";
import { IsoDateSchema, MonthDaySchema } from "../calendar";
import { GARDEN_FILE_VERSION, GardenFileSchema } from "../gardenFile";
import { NameSchema } from "../naming";

const DAY_OF_MONTH = String.raw`(?:0[13578]|1[02])-(?:0[1-9]|[12]\d|3[01])|(?:0[469]|11)-(?:0[1-9]|[12]\d|30)`;
const YEAR = String.raw`(?:1[89]|2[01])\d\d|2200`;
/** Leap years from 1800 to 2200: no full centuries but 2000. */
const LEAP_YEAR = String.raw`(?:1[89]|2[01])(?:0[48]|[2468][048]|[13579][26])|2000`;
const FEBRUARY = String.raw`02-(?:0[1-9]|1\d|2[0-8])`;
/** The dates that exist, so that a validator without formats refuses the others, too. */
const DATE = `^(?:(?:${YEAR})-(?:${DAY_OF_MONTH}|${FEBRUARY})|(?:${LEAP_YEAR})-02-29)$`;
const MONTH_DAY = `^(?:${DAY_OF_MONTH}|${FEBRUARY}|02-29)$`;

/** What JSON Schema can say and Zod's checks in code do not tell by themselves. */
function told({
  zodSchema,
  jsonSchema,
}: {
  zodSchema: unknown;
  jsonSchema: z.core.JSONSchema.BaseSchema;
}) {
  if (zodSchema === IsoDateSchema) Object.assign(jsonSchema, { format: "date", pattern: DATE });
  if (zodSchema === MonthDaySchema) jsonSchema.pattern = MONTH_DAY;
  // Blanks at both ends are taken off before a name is looked at.
  if (zodSchema === NameSchema) jsonSchema.pattern = `(?=.*\\S)${jsonSchema.pattern ?? ""}`;
}

/**
 * The published JSON Schema (draft 2020-12) of the garden file, made from the schema that checks it. What
 * it refuses the program refuses; the program also refuses what a schema cannot say: two things of one
 * id, references to nothing, plantings over the end of their bed.
 */
export function gardenFileJsonSchema(): Record<string, unknown> {
  return published(`garden:${GARDEN_FILE_VERSION}`, GardenFileSchema);
}

/** A schema under an id of its own: a name that needs no address. */
export function published(name: string, schema: z.ZodType): Record<string, unknown> {
  const { $schema, properties, ...rest } = z.toJSONSchema(schema, { io: "input", override: told });
  // Two things alike in a list are one too many.
  for (const list of Object.values(properties ?? {})) {
    if (typeof list === "object" && list.type === "array") list.uniqueItems = true;
  }
  return { $schema, $id: `urn:late-ember:schema:${name}`, properties, ...rest };
}
