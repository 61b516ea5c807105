import { readdirSync, readFileSync } from "node:fs";
import { dayNumber } from "@/core/calendar";
import { cropLibrary } from "@/core/crops";
import { readGardenFile } from "@/core/formats";
import { cropsOf, type OwnVariety } from "@/core/garden";
import { fromGardenFile } from "@/core/gardenFile";
import { daysLeftFor, sowableToday } from "@/core/schedule";
import { Site, type Spot } from "@/core/growth";
import { climateOfPlace } from "@/core/plantings";
import { medianMs, report } from "./timing";

/** Eight stacks of covers, as a well-equipped garden has them. */
const STACKS = [
  [],
  ["row-cover-light"],
  ["row-cover-medium"],
  ["low-tunnel-film"],
  ["cold-frame-twinwall"],
  ["greenhouse-single"],
  ["greenhouse-single", "row-cover-light"],
  ["greenhouse-single", "low-tunnel-film"],
];
const ALLOWED_MS = 50;

/** Reading the library's files, and joining the grower's own varieties to it. */
export function benchLibrary(): void {
  const texts = readdirSync("data/crops")
    .filter((name) => name.endsWith(".json"))
    .map((name) => readFileSync(`data/crops/${name}`, "utf8"));
  const own: OwnVariety = {
    id: "own",
    cropId: "kale",
    variety: { id: "own", name: "ours", packetDays: 55, packetBasis: "transplanting" },
  };
  const ms = medianMs(() => {
    for (const text of texts) JSON.parse(text);
    cropsOf({ ownCrops: new Map(), ownVarieties: new Map([[own.id, own]]), ownNumbers: new Map() });
  });
  report(`the library of ${cropLibrary.size} crops read and joined`, ms, ALLOWED_MS, "ms");
}

/** What can I sow today, in every crop and eight stacks of covers, with the days left for each. */
export function benchSowToday(): void {
  const read = readGardenFile(readFileSync("data/demo/tarnholt-commons.json", "utf8"));
  if (!read.ok) throw new Error("the demo garden cannot be read");
  const { place, record, settings } = fromGardenFile(read.file);
  if (!place) throw new Error("the demo garden has no place");
  const today = dayNumber("2026-09-24");
  const climate = climateOfPlace(place, record);
  const spots: Spot[] = STACKS.map((covers, index) => ({
    bedId: `bed-${index}`,
    bedName: `Bed ${index}`,
    covers,
    horizon: place.horizon,
  }));
  let site = new Site(place.latitudeDeg, climate);
  const list = () => sowableToday(site, settings, today, spots, cropLibrary.values());
  const fromNothing = medianMs(() => {
    site = new Site(place.latitudeDeg, climate);
    list();
  });
  const what = `what can be sown today: ${cropLibrary.size} crops × ${STACKS.length} covers`;
  report(`${what}, from nothing`, fromNothing, ALLOWED_MS, "ms");
  report(
    `${what}, again`,
    medianMs(() => void list()),
    ALLOWED_MS,
    "ms",
  );
  const { now } = list();
  const left = medianMs(() => now.forEach((one) => daysLeftFor(site, settings, one)));
  report(`days left for the ${now.length} that can`, left, ALLOWED_MS, "ms");
}
