import commons from "@/core/gardenFile/commons.testdata.json";
import { dayNumber } from "@/core/calendar";
import { commands } from "@/core/commands";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import { successionPlaces } from "@/core/bedSpace";
import { growingOf, siteOf } from "@/core/plantings";
import { successionPreview } from "@/core/schedule";
import {
  ruleFrom,
  successionFrom,
  successionProblem,
  sowDaysFrom,
  type SuccessionFields,
} from "./successionFields";
import { told } from "@/ui/wording";

const garden = fromGardenFile(commons as GardenFile);
const arugula = garden.plantings.get("planting-10");
const growing = arugula && growingOf(garden, arugula);
if (!garden.place || !arugula || !growing) throw new Error("the demo has arugula");
const bed = garden.beds.get(arugula.bedId);
if (!bed) throw new Error("arugula has a bed");
const site = siteOf(garden.place, garden.record);
const fields = (some: Partial<SuccessionFields> = {}): SuccessionFields => ({
  how: "every",
  days: 10,
  count: 3,
  lengthM: 1,
  ...some,
});

test.each<[Partial<SuccessionFields>, RegExp | null]>([
  [{}, null],
  [{ count: 1 }, /Enter 2 to \d+ sowings/],
  [{ count: NaN }, /Enter 2 to \d+ sowings/],
  [{ days: 0 }, /days between sowings/],
  [{ days: NaN, how: "standing" }, null],
  [{ lengthM: 0 }, /at least 0.1 m/],
  [{ lengthM: 9 }, /only 8 m long/],
])("what is missing is asked for (%#)", (some, words) => {
  const problem = successionProblem(fields(some), 8, "metric");
  if (words === null) expect(problem).toBeNull();
  else expect(problem).toMatch(words);
});

test("the fields become a succession that the garden takes, its first sowing the planting itself", () => {
  for (const how of ["every", "standing", "harvests"] as const) {
    const chosen = fields({ how });
    const sowDays = sowDaysFrom(chosen, garden, site, growing, arugula);
    expect(sowDays[0]).toBe(dayNumber(arugula.sowOn));
    const rule = ruleFrom(chosen, site, growing, arugula);
    expect(rule.rule).toBe(how === "harvests" ? "calendar" : "growth");
    const { timelines } = successionPreview(site, garden.settings, growing, sowDays);
    const places = successionPlaces(site, garden, bed, arugula, timelines, chosen.lengthM);
    const input = successionFrom(chosen, rule, sowDays, arugula, places);
    const outcome = commands["succession.add"].apply(garden, input);
    if (!outcome.ok) throw new Error(told(outcome.refusal));
    const made = [...outcome.garden.plantings.values()].filter(
      ({ successionId }) => successionId === input.succession.id,
    );
    expect(made).toHaveLength(sowDays.length);
    expect(made.map(({ id }) => id)).toContain(arugula.id);
    expect(made.every(({ lengthM }) => lengthM === 1)).toBe(true);
  }
});

test("sowings of a planting that is one sowing long go beside it, where the bed is free", () => {
  const lengthM = 0.3;
  const short = { ...arugula, lengthM };
  const small = { ...garden, plantings: new Map([[short.id, short]]) };
  const sowDays = sowDaysFrom(fields({ lengthM }), small, site, growing, short);
  const { timelines } = successionPreview(site, small.settings, growing, sowDays);
  const places = successionPlaces(site, small, bed, short, timelines, lengthM);
  expect(places[0]).toBe(short.fromM);
  const rule = ruleFrom(fields(), site, growing, short);
  const input = successionFrom(fields({ lengthM }), rule, sowDays, short, places);
  expect(commands["succession.add"].apply(small, input).ok).toBe(true);
  expect(new Set(places).size).toBe(places.length);
});

test("what stands between others' plants is sown again between them, one beside the other", () => {
  const lengthM = 0.3;
  const between = { ...arugula, id: "between", fromM: 0, lengthM: 2, interplanted: true };
  const host = { ...arugula, cropId: "kale", varietyId: "curly", fromM: 0, lengthM: 8 };
  const both = { ...garden, plantings: new Map([host, between].map((one) => [one.id, one])) };
  const sowDays = sowDaysFrom(fields({ lengthM }), both, site, growing, between);
  const { timelines } = successionPreview(site, both.settings, growing, sowDays);
  const places = successionPlaces(site, both, bed, between, timelines, lengthM);
  expect(places.map((fromM) => fromM.toFixed(1))).toEqual(["0.0", "0.3", "0.6"]);
  const rule = ruleFrom(fields(), site, growing, between);
  const input = successionFrom(fields({ lengthM }), rule, sowDays, between, places);
  expect(commands["succession.add"].apply(both, input).ok).toBe(true);
});
