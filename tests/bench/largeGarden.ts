import { readFileSync } from "node:fs";
import { dayNumber, isoDate } from "@/core/calendar";
import { readGardenFile } from "@/core/formats";
import { BY_THE_BOOK, fromGardenFile } from "@/core/gardenFile";
import { cropsOf, type Garden, type Planting } from "@/core/garden";

const BEDS = 60;
export const PLANTINGS = 400;
export const DAY = dayNumber("2026-09-24");
const CROPS = ["spinach", "lettuce", "kale", "radish", "chard", "mache", "turnip", "leek"];
const BED_M = 8;

/** Sixty beds, in the open and under covers, with so many plantings of eight crops. */
export function largeGarden(count = PLANTINGS): Garden {
  const read = readGardenFile(readFileSync("data/demo/tarnholt-commons.json", "utf8"));
  if (!read.ok) throw new Error("the demo garden cannot be read");
  const demo = fromGardenFile(read.file);
  const [some] = demo.beds.values();
  if (!some) throw new Error("the demo garden has beds");
  const beds = Array.from({ length: BEDS }, (_, index) => ({
    ...some,
    id: `b${index}`,
    name: `Bed ${index + 1}`,
    lengthM: BED_M,
    shelterId: index % 4 === 3 ? "greenhouse" : null,
    covers: index % 4 === 1 ? ["row-cover-light"] : [],
    position: null,
  }));
  const crops = cropsOf(demo);
  const perBed = Math.ceil(count / BEDS);
  const partM = Math.floor((BED_M / perBed) * 100) / 100;
  const plantings = Array.from({ length: count }, (_, index): Planting => {
    const crop = crops.get(CROPS[index % CROPS.length] ?? "");
    if (!crop) throw new Error("a crop");
    const place = Math.floor(index / BEDS);
    return {
      ...BY_THE_BOOK,
      id: `p${index}`,
      cropId: crop.id,
      varietyId: crop.varieties[0]?.id ?? "",
      bedId: `b${index % BEDS}`,
      sowOn: isoDate(DAY - 80 + ((index * 7) % 95)),
      method: "direct",
      stage: "full",
      fromM: place * partM,
      lengthM: partM,
      rowCm: crop.spacing.rowCm,
      inRowCm: crop.spacing.inRowCm,
    };
  });
  return {
    ...demo,
    trays: new Map(),
    successions: new Map(),
    pieces: new Map(),
    logEntries: new Map(),
    plot: null,
    beds: new Map(beds.map((bed) => [bed.id, bed])),
    plantings: new Map(plantings.map((planting) => [planting.id, planting])),
  };
}
