// Writes the two lists of the library's crops from what lies in data/crops: a crop is added by its
// files alone. `--check` only compares.
import { readFileSync, readdirSync, writeFileSync } from "node:fs";
import { format } from "prettier";

const CROPS = "data/crops";
const NOTE =
  "// Written by `npm run crops` from the files of data/crops: not to be changed by hand.";

/** "arugula-wild" as a name in code. */
const camel = (id: string) => id.replace(/-(\w)/g, (_all, letter: string) => letter.toUpperCase());
/** Ids in the order of the library; a file in the order of its name. */
const ids = (folder: string) =>
  readdirSync(folder)
    .filter((file) => file.endsWith(".json"))
    .map((file) => file.slice(0, -".json".length))
    .sort((a, b) => a.localeCompare(b, "en"));
const imports = (folder: string) =>
  ids(folder)
    .map((id) => `import ${camel(id)} from "@${folder}/${id}.json";`)
    .join("\n");

const library = `${NOTE}
${imports(CROPS)}
import type { Crop } from "./schema";

/** The files of the library, one crop each. */
export const libraryFiles = [${ids(CROPS).map(camel).join(", ")}] as unknown as readonly Crop[];
`;

const sources = `${NOTE}
${imports(`${CROPS}/sources`)}

/**
 * Where each value of each crop of the library comes from: ids of \`data/sources.json\` by the path of
 * the value. Loaded only when it is asked for, since planning needs none of it.
 */
export const cropSources: Readonly<Record<string, Readonly<Record<string, string>>>> = {
${ids(`${CROPS}/sources`)
  .map((id) => `"${id}": ${camel(id)},`)
  .join("\n")}
};
`;

const options = JSON.parse(readFileSync(".prettierrc.json", "utf8")) as object;
for (const [path, text] of [
  ["src/core/crops/libraryFiles.ts", library],
  ["src/core/crops/sourceFiles.ts", sources],
] as const) {
  const written = await format(text, { ...options, filepath: path });
  if (!process.argv.includes("--check")) writeFileSync(path, written);
  else if (readFileSync(path, "utf8") !== written) {
    console.error(`${path} is not what lies in ${CROPS}: run \`npm run crops\`.`);
    process.exitCode = 1;
  }
}
