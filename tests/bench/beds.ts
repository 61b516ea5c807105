import { readFileSync } from "node:fs";
import { dayNumber } from "@/core/calendar";
import { commands } from "@/core/commands";
import { cropLibrary } from "@/core/crops";
import { readGardenFile } from "@/core/formats";
import { BY_THE_BOOK, fromGardenFile } from "@/core/gardenFile";
import { type Garden } from "@/core/garden";
import type { Across } from "@/core/layout";
import { meaningOfMove, openingsIn, turnOvers, stillGives, whatFits } from "@/core/bedSpace";
import { plantsIn, siteFor } from "@/core/plantings";
import { importGarden } from "./importGarden";
import { withDemo } from "./serve";
import { medianMs, report } from "./timing";

const BEDS = 60;
const DAY = dayNumber("2026-09-24");
const PORT = 4761;
const FRAME_MS = 16;

/** Sixty beds of 8 × 1 m in four rows, each with lettuce along both sides, carrots between and spinach. */
function sixtyBeds(): Garden {
  const read = readGardenFile(readFileSync("data/demo/tarnholt-commons.json", "utf8"));
  if (!read.ok) throw new Error("the demo garden cannot be read");
  const demo = fromGardenFile(read.file);
  const ids = Array.from({ length: BEDS }, (_, index) => `b${index}`);
  const [some] = demo.beds.values();
  if (!some) throw new Error("the demo garden has beds");
  const beds = ids.map((id, index) => ({
    ...some,
    id,
    name: `Bed ${index + 1}`,
    lengthM: 8,
    widthM: 1,
    covers: index % 3 === 0 ? ["row-cover-light"] : [],
    position: { xM: 2 + (index % 15) * 1.6, yM: 5 + Math.floor(index / 15) * 10, angleDeg: 90 },
  }));
  const carrot = cropLibrary.get("carrot")?.varieties[0]?.id ?? "";
  const planting = (
    bedId: string,
    cropId: string,
    varietyId: string,
    fromM: number,
    across: Across,
  ) => ({
    ...BY_THE_BOOK,
    id: `${bedId}-${cropId}`,
    cropId,
    varietyId,
    bedId,
    sowOn: cropId === "lettuce" ? "2026-08-05" : "2026-08-25",
    method: cropId === "lettuce" ? ("transplant" as const) : ("direct" as const),
    stage: "full" as const,
    fromM,
    lengthM: cropId === "spinach" ? 2 : 6,
    across,
    rowCm: cropId === "lettuce" ? 25 : 20,
    inRowCm: cropId === "lettuce" ? 25 : 25,
  });
  return {
    ...demo,
    shelters: new Map(),
    trays: new Map(),
    successions: new Map(),
    logEntries: new Map(),
    pieces: new Map(),
    plot: { id: "plot", lengthM: 27, widthM: 42, upBearingDeg: 0 },
    beds: new Map(beds.map((bed) => [bed.id, bed])),
    plantings: new Map(
      ids
        .flatMap((id) => [
          planting(id, "lettuce", "butterhead", 0, { kind: "sides", widthM: 0.3 }),
          planting(id, "carrot", carrot, 0, { kind: "strip", fromM: 0.3, widthM: 0.4 }),
          planting(id, "spinach", "winter", 6, { kind: "whole" }),
        ])
        .map((one) => [one.id, one]),
    ),
  };
}

/** What the map and a bed's pane ask of the core. */
export function benchBeds(): void {
  const garden = sixtyBeds();
  const site = siteFor(garden);
  const bed = garden.beds.get("b7");
  const planting = garden.plantings.get("b7-lettuce");
  if (!site || !bed || !planting) throw new Error("sixty beds");
  let day = DAY;
  let plants = 0;
  const everyPlant = medianMs(() => {
    day = DAY + ((day + 1) % 30);
    plants = 0;
    for (const one of garden.beds.values()) {
      for (const { points } of plantsIn(site, garden, one, day)) plants += points.length;
    }
  });
  report(`${plants} plants of ${BEDS} beds, for another date`, everyPlant, FRAME_MS, "ms");
  let fromM = 0;
  const meaning = medianMs(() => {
    fromM = (fromM + 0.1) % 2;
    meaningOfMove(site, garden, planting, bed, fromM);
  });
  report("what dropping a planting here would mean", meaning, FRAME_MS, "ms");
  const [opening] = openingsIn(site, garden, bed, DAY);
  if (!opening) throw new Error("an opening");
  report(
    "what fits an opening",
    medianMs(() => void whatFits(site, garden, bed, opening, DAY)),
    FRAME_MS,
    "ms",
  );
  const gives = stillGives(site, garden, planting, DAY);
  if (!gives) throw new Error("lettuce still gives");
  report(
    "turning a bed over, all crops and days",
    medianMs(() => void turnOvers(site, garden, bed, [gives], 6, DAY, true)),
    50,
    "ms",
  );
  const edit = { id: "b7-lettuce", fromM: 0.5, lengthM: 5 };
  report(
    "the command, with its look at who else stands there",
    medianMs(() => void commands["planting.edit"].apply(garden, edit)),
    FRAME_MS,
    "ms",
  );
}

/** From a key on the lantern until the map is drawn for the new date, in a real browser. */
export async function benchBedMap(): Promise<void> {
  await withDemo(PORT, async (page, address) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${address}/beds`);
    await page.getByRole("button", { name: /^Bed 1:/ }).waitFor();
    await importGarden(page, sixtyBeds());
    await page.getByRole("button", { name: /^Bed 60:/ }).waitFor();
    await page.getByRole("slider", { name: "Date in view" }).focus();
    const times: number[] = [];
    for (let move = 0; move < 25; move += 1) {
      const start = await page.evaluate(() => performance.now());
      await page.keyboard.press("ArrowRight");
      const end = await page.evaluate(
        () =>
          new Promise<number>((done) =>
            requestAnimationFrame(() => setTimeout(() => done(performance.now()))),
          ),
      );
      times.push(end - start);
    }
    const median = times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
    report(`the map of ${BEDS} beds drawn for another date, key to screen`, median, 100, "ms");
  });
}
