// Writes the library's crops from what lies in data/crops, as one table for the program to load, and the
// list of their sources: a crop is added by its files alone. `--check` only compares.
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

/** The library as a table: under the path of each value a cell for every crop, null where it has none. */
function table(): string {
  const crops = ids(CROPS).map(
    (id) => JSON.parse(readFileSync(`${CROPS}/${id}.json`, "utf8")) as Cells,
  );
  const columns = new Map<string, unknown[]>();
  const put = (row: number, path: string, value: unknown) => {
    if (isCells(value)) {
      for (const [name, inner] of Object.entries(value)) {
        put(row, path === "" ? name : `${path}.${name}`, inner);
      }
      return;
    }
    if (value === null)
      throw new Error(`${path}: null stands for "not there" in the library's table.`);
    const column = columns.get(path) ?? new Array<unknown>(crops.length).fill(null);
    column[row] = value;
    columns.set(path, column);
  };
  crops.forEach((crop, row) => put(row, "", crop));
  return JSON.stringify(Object.fromEntries(columns));
}

type Cells = Record<string, unknown>;
const isCells = (value: unknown): value is Cells =>
  typeof value === "object" && value !== null && !Array.isArray(value);

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
  ["data/cropTable.json", table()],
  ["src/core/crops/sourceFiles.ts", sources],
] as const) {
  const written = await format(text, { ...options, filepath: path });
  if (!process.argv.includes("--check")) writeFileSync(path, written);
  else if (readFileSync(path, "utf8") !== written) {
    console.error(`${path} is not what lies in ${CROPS}: run \`npm run crops\`.`);
    process.exitCode = 1;
  }
}
