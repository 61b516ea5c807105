import fc from "fast-check";
import { commands } from "../commands";
import type { Bed, Planting } from "../garden";
import { meaningOfMove, nearestPlace } from "./moving";
import { tarnholt as garden, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english, inEnglish } from "@/words/told.testdata";

const bed = (id: string) => garden.beds.get(id) as Bed;
const planting = (id: string) => garden.plantings.get(id) as Planting;
const meanings = (id: string, bedId: string, fromM = 0) =>
  meaningOfMove(site, garden, planting(id), bed(bedId), fromM);
const words = (id: string, bedId: string, fromM = 0) =>
  meanings(id, bedId, fromM)
    .map((one) => one.words)
    .map(english)
    .join(" ");

test("spinach from the open into the house: sooner, under other covers, on ground that is taken", () => {
  const found = meanings("planting-07", "house-2");
  expect(found[0]).toMatchObject({ kind: "stops" });
  // Sown in September; in August the open is as warm, and brighter.
  const toHouse = { ...planting("planting-07"), bedId: "bed-2", sowOn: "2026-09-12" };
  const fromOpen = meaningOfMove(site, garden, toHouse, bed("house-2"), 0);
  expect(
    fromOpen
      .map((one) => one.words)
      .map(english)
      .join(" "),
  ).toMatch(/Ready \d+ \w+( \d{4})?, \d+ days? sooner/);
  expect(words("planting-07", "house-2")).toMatch(/instead of row cover/i);
});

test("beside the house the sun falls short for a head; where its family stood, rotation is told", () => {
  // Arugula in bed 9 to bed 1, where broccoli stood.
  expect(words("planting-10", "bed-1")).toMatch(/Broccoli of the same family \(Brassicaceae\)/);
  // Its own bed is no news but for the room.
  expect(inEnglish(meanings("planting-10", "bed-9", 5))).toEqual([
    { kind: "for", words: "The ground is free for as long as it grows." },
  ]);
  expect(words("planting-10", "bed-9", 3)).toMatch(/Radish, winter, large is growing there until/);
  expect(words("planting-10", "bed-9", 6)).toMatch(/Bed 9 is too short for it there/);
  // A house to the south of bed 13 takes the sun that tomatoes want.
  const house = [100, 180, 260].map((azimuthDeg) => ({ azimuthDeg, elevationDeg: 50 }));
  const shaded: Bed = { ...bed("bed-13"), horizon: house };
  const inShade = { ...garden, beds: new Map([...garden.beds, ["bed-13", shaded] as const]) };
  const tomato = planting("planting-38");
  const told = meaningOfMove(site, inShade, tomato, shaded, 0);
  expect(
    told
      .map((one) => one.words)
      .map(english)
      .join(" "),
  ).toMatch(/Tomato needs about 7 hours of direct sun a day; here the skyline leaves \d\.\d/);
});

test("what is said to stop it is what the command refuses, and nothing else", () => {
  const ids = [...garden.plantings.keys()].filter(
    (id) => garden.plantings.get(id)?.successionId === null,
  );
  fc.assert(
    fc.property(
      fc.constantFrom(...ids),
      fc.constantFrom(...garden.beds.keys()),
      fc.integer({ min: 0, max: 8 }),
      (id, bedId, fromM) => {
        const stops = meanings(id, bedId, fromM).some(({ kind }) => kind === "stops");
        const outcome = commands["planting.edit"].apply(garden, { id, bedId, fromM });
        expect(outcome.ok).toBe(!stops);
        const near = nearestPlace(site, garden, planting(id), bed(bedId), fromM);
        if (near === null) return;
        expect(commands["planting.edit"].apply(garden, { id, bedId, fromM: near }).ok).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});
