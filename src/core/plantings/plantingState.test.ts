import commons from "../gardenFile/commons.testdata.json";
import { dayNumber } from "../calendar";
import { fromGardenFile, type GardenFile } from "../gardenFile";
import type { Garden } from "../garden";
import { commands } from "../commands";
import { stillGives } from "../bedSpace";
import { tonight } from "../frostNight";
import { sunShortfall } from "../schedule";
import { plantsIn } from "./bedPlants";
import {
  expectedYieldKg,
  lackOfSun,
  plantingState,
  plantingStates,
  stateIfSown,
  survivingShare,
} from "./plantingState";
import { siteFor } from "./gardenSite";
import type { Site } from "../growth";

const garden = fromGardenFile(commons as GardenFile);
const viewsOf = (of: Garden, site: Site) =>
  new Map(
    [...of.plantings.values()].map((planting) => [planting.id, plantingState(of, site, planting)]),
  );

function changed(from: Garden, name: keyof typeof commands, input: unknown): Garden {
  const outcome = commands[name].apply(from, input);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}

test("moving one planting computes one timeline; the others are kept as they are", () => {
  const site = siteFor(garden) as Site;
  const before = viewsOf(garden, site);
  const moved = changed(garden, "planting.moveSowing", { id: "planting-07", sowOn: "2026-08-27" });
  expect(siteFor(moved)).toBe(site);
  const after = viewsOf(moved, site);
  for (const [id, view] of after) {
    if (id === "planting-07") expect(view?.timeline.sowDay).toBe(dayNumber("2026-08-27"));
    else expect(view).toBe(before.get(id));
  }
});

test("another school or place computes anew", () => {
  const site = siteFor(garden) as Site;
  const [first] = garden.plantings.values();
  if (!first) throw new Error("the demo garden has plantings");
  const growth = plantingState(garden, site, first)?.timeline.readyDay;
  const byCalendar = changed(garden, "settings.set", { school: "calendar" });
  expect(plantingState(byCalendar, site, first)?.timeline.readyDay).not.toBe(growth);
  const north = changed(garden, "place.set", { ...garden.place, latitudeDeg: 60 });
  expect(siteFor(north)).not.toBe(site);
  expect(siteFor({ ...garden, place: null })).toBeNull();
});

test("a skyline for one bed computes that bed's plantings anew, and a record out of use changes nothing", () => {
  const site = siteFor(garden) as Site;
  const before = viewsOf(garden, site);
  const horizon = [{ azimuthDeg: 180, elevationDeg: 50 }];
  const shaded = changed(garden, "horizon.set", { bedId: "bed-7", horizon });
  expect(siteFor(shaded)).toBe(site);
  for (const [id, view] of viewsOf(shaded, site)) {
    const inBed = garden.plantings.get(id)?.bedId === "bed-7";
    if (!inBed) expect(view).toBe(before.get(id));
    else
      expect(view?.timeline.readyDay).toBeGreaterThan(
        before.get(id)?.timeline.readyDay ?? Infinity,
      );
  }
  const bySketch = changed(garden, "place.set", { ...garden.place, climateFrom: "sketch" });
  const sketched = siteFor(bySketch);
  expect(siteFor(changed(bySketch, "record.remove", {}))).toBe(sketched);
  const record = garden.record;
  if (!record) throw new Error("the demo garden has a record");
  const renamed = changed(garden, "record.set", { ...record, station: "Upper meadow" });
  expect(siteFor(renamed)).not.toBe(site);
});

describe("a loss that is written down", () => {
  const site = siteFor(garden) as Site;
  const day = dayNumber("2026-09-25");
  const kale = garden.plantings.get("planting-03");
  const bed = garden.beds.get(kale?.bedId ?? "");
  if (!kale || !bed) throw new Error("the demo garden has kale");
  const after = changed(garden, "log.keep", {
    today: "2026-09-24",
    entries: [
      {
        id: "log-loss",
        on: "2026-09-24",
        what: { kind: "lost", plantingId: kale.id, cause: "mice", share: 0.9 },
        note: "",
        taskId: null,
      },
    ],
  });
  const standing = (of: Garden) =>
    plantsIn(site, of, bed, day).find(({ planting }) => planting.id === kale.id);

  test("counts wherever the planting counts: on the map, for turning over and for the night", () => {
    const whole = plantingState(garden, site, kale);
    const tenth = plantingState(after, site, kale);
    if (!whole || !tenth) throw new Error("no state");
    // Its dates are as before: what is left grows on.
    expect(tenth.timeline).toBe(whole.timeline);
    expect(survivingShare(tenth, day - 2)).toBe(1);
    expect(expectedYieldKg(tenth, day)).toBeCloseTo(0.1 * expectedYieldKg(whole, day), 9);
    expect(standing(after)?.points.length).toBe(
      Math.round((standing(garden)?.points.length ?? NaN) * 0.1),
    );
    const gives = (of: Garden) => stillGives(site, of, kale, day)?.totalKg ?? NaN;
    expect(gives(after)).toBeCloseTo(0.1 * gives(garden), 6);
    const worth = (of: Garden) =>
      tonight(site, of, day).nights.find(({ plants }) => plants.planting.id === kale.id)?.valueKg;
    expect(worth(after)).toBeCloseTo(0.1 * (worth(garden) ?? NaN), 9);
  });
});

test("a sowing written down moves the sun that a planting is said to lack, in every view alike", () => {
  const site = siteFor(garden) as Site;
  const horizon = [{ azimuthDeg: 180, elevationDeg: 35 }];
  const shaded = changed(garden, "horizon.set", { bedId: "bed-7", horizon });
  const inBed = plantingStates(shaded, site).filter(({ bed }) => bed.id === "bed-7");
  expect(inBed.length).toBeGreaterThan(0);
  for (const state of inBed) {
    expect(lackOfSun(site, state)).toEqual(sunShortfall(site, state.growing, state.timeline));
    const ifLater = stateIfSown(shaded, site, state.planting, state.timeline.sowDay + 40);
    expect(ifLater && lackOfSun(site, ifLater)).not.toEqual(lackOfSun(site, state));
  }
});
