// Publishes the garden file's JSON Schema from the Zod schema; `--check` only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { gardenFileJsonSchema } from "@/core/formats";

const PATH = "public/schema/garden-1.json";
const text = `${JSON.stringify(gardenFileJsonSchema(), null, 2)}\n`;

if (process.argv.includes("--check")) {
  if (!existsSync(PATH) || readFileSync(PATH, "utf8") !== text) {
    console.error(
      `${PATH} is not what the schema in src/core/garden says: run \`npm run schema\`.`,
    );
    process.exitCode = 1;
  }
} else {
  mkdirSync("public/schema", { recursive: true });
  writeFileSync(PATH, text);
}
