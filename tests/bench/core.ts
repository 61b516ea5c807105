import { readFileSync } from "node:fs";
import { dayNumber, isoDate } from "@/core/calendar";
import { cropLibrary, varietyOf } from "@/core/crops";
import { commands } from "@/core/commands";
import { fromGardenFile } from "@/core/gardenFile";
import { withChanges, type Garden, type Planting } from "@/core/garden";
import { climateOfPlace, growingOf, siteOf, timelineIfSown } from "@/core/plantings";
import { cliffOf, spreadOf, strandOf } from "@/core/schedule";
import { Site, USUAL_PLAN_SETTINGS } from "@/core/growth";
import { readGardenFile, writeGardenFile } from "@/core/formats";
import { medianMs, report } from "./timing";

/** Four stacks of covers from none to much: each shifts temperature and light. */
const STACKS = [
  [],
  ["row-cover-medium"],
  ["greenhouse-single"],
  ["greenhouse-single", "row-cover-light"],
];
const TWELVE_CROPS =
  "arugula beet broccoli carrot chard kale leek lettuce mache radish spinach turnip".split(" ");
const PLANTINGS = 200;

function demoGarden(): Garden {
  const read = readGardenFile(readFileSync("data/demo/tarnholt-commons.json", "utf8"));
  if (!read.ok) throw new Error("the demo garden cannot be read");
  return fromGardenFile(read.file);
}

/** Twelve crops, every sowing day of a season, four stacks of covers, from nothing. */
export function benchEverySowing(): void {
  const { place, record } = demoGarden();
  if (!place) throw new Error("the demo garden has no place");
  const day = dayNumber("2026-09-24");
  const { horizon } = place;
  let sowings = 0;
  const ms = medianMs(() => {
    const site = new Site(place.latitudeDeg, climateOfPlace(place, record));
    sowings = 0;
    for (const id of TWELVE_CROPS) {
      const crop = cropLibrary.get(id);
      const variety = crop && varietyOf(crop);
      if (!crop || !variety) continue;
      for (const covers of STACKS) {
        const growing = {
          crop,
          variety,
          method: "direct",
          stage: "full",
          covers,
          horizon,
        } as const;
        const { startDay, endDay } = site.season(day);
        for (let sowDay = startDay; sowDay <= endDay; sowDay += 1) {
          timelineIfSown(site, USUAL_PLAN_SETTINGS, growing, sowDay);
          sowings += 1;
        }
      }
    }
  });
  report(`${sowings} sowings (12 crops × a season × 4 covers), from nothing`, ms, 50, "ms");
}

/** One pointer move while dragging in a garden of two hundred plantings. */
export function benchDrag(): void {
  const demo = demoGarden();
  const [first] = demo.plantings.values();
  if (!demo.place || !first) throw new Error("the demo garden is not whole");
  const many: Planting[] = Array.from({ length: PLANTINGS }, (_, index) => ({
    ...([...demo.plantings.values()][index % demo.plantings.size] ?? first),
    id: `many-${index}`,
  }));
  const garden = withChanges(
    demo,
    many.map((after) => ({ kind: "planting", id: after.id, before: null, after })),
  );
  const site = siteOf(demo.place, demo.record);
  const draw = (planting: Planting, sowDay: number) => {
    const growing = growingOf(garden, planting);
    if (!growing) return;
    const timeline = timelineIfSown(site, garden.settings, growing, sowDay);
    strandOf(site, garden.settings, growing, timeline);
    cliffOf(site, garden.settings, growing, sowDay);
  };
  for (const planting of garden.plantings.values()) draw(planting, dayNumber(planting.sowOn));
  let moved = 0;
  const preview = medianMs(() => draw(first, dayNumber("2026-08-01") + (moved++ % 40)));
  report(
    `a pointer move with ${garden.plantings.size} plantings: timeline, strand, cliff`,
    preview,
    8,
    "ms",
  );
  const drop = medianMs(() => {
    const sowOn = isoDate(dayNumber("2026-08-01") + (moved++ % 40));
    commands["planting.moveSowing"].apply(garden, { id: "many-3", sowOn });
  });
  report("the drop: the command on the whole garden", drop, 8, "ms");
  const text = writeGardenFile(garden);
  report(
    `reading a garden file of ${garden.plantings.size} plantings`,
    medianMs(() => void readGardenFile(text)),
    50,
    "ms",
  );
}

/** How the dates of one sowing stray: a climate's first crop, another crop, and one that was asked before. */
export function benchSpread(): void {
  const { place, record } = demoGarden();
  if (!place) throw new Error("the demo garden has no place");
  const sowDay = dayNumber("2026-08-20");
  const spreadAt = (site: Site, cropId: string, on = sowDay) => {
    const crop = cropLibrary.get(cropId);
    const variety = crop && varietyOf(crop);
    if (!crop || !variety) throw new Error(cropId);
    const covers: string[] = [];
    const way = { crop, variety, method: "direct", stage: "full", covers, horizon: [] } as const;
    return spreadOf(
      site,
      USUAL_PLAN_SETTINGS,
      way,
      timelineIfSown(site, USUAL_PLAN_SETTINGS, way, on),
    );
  };
  const fresh = () => new Site(place.latitudeDeg, { ...climateOfPlace(place, record) });
  const first = medianMs(() => void spreadAt(fresh(), "spinach"), 7);
  report("how one sowing's dates stray, a climate's first crop, from nothing", first, 100, "ms");
  const site = fresh();
  spreadAt(site, "spinach");
  let day = sowDay;
  const again = medianMs(() => void spreadAt(site, "spinach", (day += 1)), 15);
  report("… of the same crop sown on another day", again, 8, "ms");
}
