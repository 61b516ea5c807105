import commons from "@/core/gardenFile/commons.testdata.json";
import { dayNumber } from "@/core/calendar";
import { commands } from "@/core/commands";
import { cropLibrary, varietyOf } from "@/core/crops";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { siteFor, spotsOf } from "@/core/plantings";
import { waysTo } from "@/core/schedule";
import { metres } from "@/core/units";
import { plantingFor } from "./wayRoom";
import { english } from "@/words/told.testdata";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";

const commonsGarden = fromGardenFile(commons as GardenFile);
const [anyBed] = commonsGarden.beds.values();

/** Tarnholt's place with one bare bed in the open, in feet. */
function withOneBed(lengthM: number, widthM: number): Garden {
  const bed = { ...(anyBed as Bed), id: "b", name: "B", lengthM, widthM, position: null };
  return {
    ...commonsGarden,
    settings: { ...commonsGarden.settings, units: "imperial" },
    beds: new Map([["b", bed]]),
    plantings: new Map(),
    rests: new Map(),
    successions: new Map(),
    trays: new Map(),
  };
}

function wayIn(garden: Garden) {
  const site = siteFor(garden);
  const crop = cropLibrary.get("spinach");
  const variety = crop && varietyOf(crop);
  if (!site || !crop || !variety) throw new Error("Tarnholt grows spinach");
  const today = dayNumber("2026-08-10");
  const wish = { crop, variety, wanted: null, today };
  const [way] = waysTo(site, garden.settings, wish, spotsOf(garden));
  if (!way) throw new Error("spinach can be sown in August");
  return { site, way };
}

const ALL = { howMuch: { by: "room" }, weeks: null, bedId: "b" } as const;

test("what is offered for a bed of any length in feet can be planted, and halves fill the bed", () => {
  const { site, way } = wayIn(withOneBed(metres(10), metres(3)));
  for (let halfFeet = 2; halfFeet <= 60; halfFeet += 1) {
    // As a form keeps it now, and to the millimetre, as gardens of last year have it.
    const typed = metres(halfFeet / 2);
    for (const lengthM of [exactM(typed), Math.round(typed * 1000) / 1000]) {
      const garden = withOneBed(lengthM, 0.9144);
      const planting = plantingFor(site, garden, way, ALL, "p").planting;
      const all = commands["planting.add"].apply(garden, planting);
      expect([halfFeet, all.ok ? "" : english(all.refusal)]).toEqual([halfFeet, ""]);
      const half = exactM(metres(halfFeet / 4));
      const parts = [0, half].map((fromM, index) => ({
        ...planting,
        id: `p-${index}`,
        fromM,
        lengthM: half,
      }));
      const both = commands["planting.setMany"].apply(garden, { plantings: parts });
      expect([halfFeet, both.ok ? "" : english(both.refusal)]).toEqual([halfFeet, ""]);
    }
  }
});

test("an inch too much is still too much, told in feet", () => {
  const garden = withOneBed(exactM(metres(10)), exactM(metres(3)));
  const { site, way } = wayIn(garden);
  const planting = {
    ...plantingFor(site, garden, way, ALL, "p").planting,
    lengthM: metres(10 + 1 / 12),
  };
  const outcome = commands["planting.add"].apply(garden, planting);
  expect(outcome.ok ? "" : tell(outcome.refusal, plainWording("imperial"))).toMatch(/10 ft long/);
});
