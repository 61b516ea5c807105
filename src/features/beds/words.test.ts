import commons from "@/core/gardenFile/commons.testdata.json";
import { dayNumber } from "@/core/calendar";
import { coverCropLibrary } from "@/core/soil";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import type { Bed, Planting } from "@/core/garden";
import { greenManures } from "@/core/bedCare";
import { siteFor } from "@/core/plantings";
import { stillGives, turnOverOn, turnOvers } from "@/core/bedSpace";
import type { Site } from "@/core/growth";
import { localWording } from "@/words";
import { manureWords } from "./soil/manureWords";
import { aboutWeight, turnOverReasons } from "./turningOver/turnOverWords";

const garden = fromGardenFile(commons as GardenFile);
const site = siteFor(garden) as Site;
const wording = localWording("metric", "en-GB");
const bed = garden.beds.get("bed-4") as Bed;
const day = dayNumber("2026-07-05");

function overTo(cropId: string, atHand: boolean, later = 0) {
  const gives = stillGives(site, garden, garden.plantings.get("planting-38") as Planting, day);
  if (!gives) throw new Error("tomatoes");
  const found = turnOvers(site, garden, bed, [gives], 3, day, atHand).find(
    ({ growing }) => growing.crop.id === cropId,
  );
  if (!found) throw new Error(cropId);
  const { growing, gainKg, onDay } = found;
  return later === 0
    ? found
    : turnOverOn(site, garden, bed, growing, gainKg, [gives], day, onDay - day + later);
}

describe("why a bed is turned over on a day", () => {
  test("seedlings to be raised are told with their sowing, the cliff with what a week costs", () => {
    const words = turnOverReasons(overTo("broccoli", false), day, wording);
    expect(words[0]).toMatch(
      /^Sow broccoli in trays on \d+ July\. The bed is needed from \d+ August\.$/,
    );
    expect(words[1]).toMatch(
      /^Broccoli ready on \d+ (October|November): about \d\.\d kg, counting the odds\.$/,
    );
    expect(words[2]).toMatch(
      /^A week later it would be ready 1\d\d days later, with \d\.\d kg less\.$/,
    );
    expect(words[3]).toMatch(/^Up to then [\d.]+ k?g is still picked\. You give up \d\.\d kg\.$/);
  });

  test("seedlings that are at hand are told as old as they should be", () => {
    const best = overTo("broccoli", true);
    const words = turnOverReasons(overTo("broccoli", true, day - best.onDay), day, wording);
    expect(words[0]).toMatch(/^Needs transplant-size seedlings on 5 July, sown about 31 May\.$/);
  });

  test("far too late it says that it gets nowhere, not a date", () => {
    const words = turnOverReasons(overTo("broccoli", false, 30), day, wording).join(" ");
    expect(words).not.toMatch(/NaN|undefined|null/);
  });

  test("weights are told as exactly as such sums are", () => {
    expect(aboutWeight(3.176, wording)).toBe("3.2 kg");
    expect(aboutWeight(0.04, wording)).toBe("0 g");
  });
});

describe("what there is to know of a green manure", () => {
  const exposure = { covers: [], horizon: [] };
  const found = greenManures(
    site,
    coverCropLibrary.values(),
    exposure,
    6.4,
    dayNumber("2026-09-05"),
    dayNumber("2027-04-15"),
  );
  const words = (id: string, school: "dug" | "undug") => {
    const one = found.find(({ crop }) => crop.id === id);
    if (!one) throw new Error(id);
    return manureWords(one, school, dayNumber("2026-09-05"), wording);
  };

  test("by school: turned in, or mown and left on top; depth, winter and look-alikes always", () => {
    expect(words("rye", "dug")).toMatch(/Turn it in by 18 March 2027\./);
    expect(words("rye", "dug")).toMatch(/Its straw ties up nitrogen at first\./);
    expect(words("rye", "undug")).toMatch(/Mow or crimp it and leave it on top by 18 March 2027\./);
    expect(words("rye", "undug")).not.toMatch(/ties up nitrogen/);
    for (const school of ["dug", "undug"] as const) {
      expect(words("rye", school)).toMatch(/2\.5 cm deep\. Winter kills it/);
      expect(words("rye", school)).toMatch(
        /Check the sack: lawn ryegrass is sold under a similar name\./,
      );
    }
  });

  test("legumes name the bacteria they want; what is too late says so", () => {
    expect(words("hairy-vetch", "undug")).toMatch(/Inoculant: /);
    expect(words("buckwheat", "undug")).toMatch(/^Too late for a reliable stand: sow/);
    for (const { crop } of found) expect(words(crop.id, "dug")).not.toMatch(/undefined|NaN|null/);
  });
});
