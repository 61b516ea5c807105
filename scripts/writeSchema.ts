// Publishes the JSON Schemas of the file and of what stations answer, from the Zod schemas; `--check`
// only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { OutlookSchema } from "@/core/climate";
import { gardenFileJsonSchema, published } from "@/core/formats";
import { GARDEN_FILE_VERSION } from "@/core/gardenFile";
import { ReadingsSchema } from "@/core/log";

const SCHEMAS: Record<string, unknown> = {
  [`garden-${GARDEN_FILE_VERSION}`]: gardenFileJsonSchema(),
  "outlook-1": published("outlook:1", OutlookSchema),
  "readings-1": published("readings:1", ReadingsSchema),
};

mkdirSync("public/schema", { recursive: true });
for (const [name, schema] of Object.entries(SCHEMAS)) {
  const path = `public/schema/${name}.json`;
  const text = `${JSON.stringify(schema, null, 2)}\n`;
  if (!process.argv.includes("--check")) writeFileSync(path, text);
  else if (!existsSync(path) || readFileSync(path, "utf8") !== text) {
    console.error(`${path} is not what the schema in src/core says: run \`npm run schema\`.`);
    process.exitCode = 1;
  }
}
