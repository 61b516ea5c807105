// Writes the made-up station's thirty years: as GHCN-Daily, as CSV, and into the demo garden.
// `--check` only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { isoDate } from "@/core/calendar";
import { madeUpClimates, madeUpStationName, madeUpYears, recordInTenths } from "@/core/climate";
import { readGardenFile, writeGardenFile } from "@/core/formats";
import { writeGhcnDaily, writeWeatherCsv } from "@/core/weatherFiles";
import { fromGardenFile } from "@/core/gardenFile";

const DEMO = "data/demo/tarnholt-commons.json";
const FOLDER = "public/stations";
const FIRST_YEAR = 1996;
const YEARS = 30;
/** Two letters that no country has, then the station's name. */
const STATION_ID = "XXTARNHOLTM";

const [climate] = madeUpClimates;
if (!climate) throw new Error("data/climates holds no climate");
const made = madeUpYears(climate, FIRST_YEAR, YEARS);
const tenths = recordInTenths(made);

function demoWithRecord(): string {
  const read = readGardenFile(readFileSync(DEMO, "utf8"));
  if (!read.ok) throw new Error(`${DEMO}: ${JSON.stringify(read.problems[0])}`);
  const garden = fromGardenFile(read.file);
  return writeGardenFile({
    ...garden,
    record: {
      id: "record",
      station: climate ? madeUpStationName(climate) : "",
      firstDate: isoDate(made.firstDay),
      ...tenths,
    },
  });
}

const files: Record<string, string> = {
  [`${FOLDER}/tarnholt-mill.dly`]: writeGhcnDaily(made, STATION_ID),
  [`${FOLDER}/tarnholt-mill.csv`]: writeWeatherCsv(made),
  [DEMO]: demoWithRecord(),
};
mkdirSync(FOLDER, { recursive: true });
for (const [path, text] of Object.entries(files)) {
  if (!process.argv.includes("--check")) writeFileSync(path, text);
  else if (!existsSync(path) || readFileSync(path, "utf8") !== text) {
    console.error(`${path} is not what data/climates says: run \`npm run stations\`.`);
    process.exitCode = 1;
  }
}
