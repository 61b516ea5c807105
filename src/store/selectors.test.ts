import demo from "@data/demo/tarnholt-commons.json";
import { dayNumber } from "@/core/calendar";
import { commands, fromGardenFile, type Garden, type GardenFile } from "@/core/garden";
import type { Site } from "@/core/plan";
import { plantingView, siteSelector, todayOf } from "./selectors";

const garden = fromGardenFile(demo as GardenFile);
const viewsOf = (of: Garden, site: Site) =>
  new Map(
    [...of.plantings.values()].map((planting) => [planting.id, plantingView(of, site, planting)]),
  );

function changed(from: Garden, name: keyof typeof commands, input: unknown): Garden {
  const outcome = commands[name].apply(from, input);
  if (!outcome.ok) throw new Error(outcome.refusal);
  return outcome.garden;
}

test("moving one planting computes one timeline; the others are kept as they are", () => {
  const site = siteSelector(garden) as Site;
  const before = viewsOf(garden, site);
  const moved = changed(garden, "planting.moveSowing", { id: "planting-07", sowOn: "2026-08-27" });
  expect(siteSelector(moved)).toBe(site);
  const after = viewsOf(moved, site);
  for (const [id, view] of after) {
    if (id === "planting-07") expect(view?.timeline.sowDay).toBe(dayNumber("2026-08-27"));
    else expect(view).toBe(before.get(id));
  }
});

test("another school or place computes anew", () => {
  const site = siteSelector(garden) as Site;
  const [first] = garden.plantings.values();
  if (!first) throw new Error("the demo garden has plantings");
  const growth = plantingView(garden, site, first)?.timeline.readyDay;
  const byCalendar = changed(garden, "settings.set", { school: "calendar" });
  expect(plantingView(byCalendar, site, first)?.timeline.readyDay).not.toBe(growth);
  const north = changed(garden, "place.set", { ...garden.place, latitudeDeg: 60 });
  expect(siteSelector(north)).not.toBe(site);
  expect(siteSelector({ ...garden, place: null })).toBeNull();
});

test("today is the garden's own, or the grower's calendar day", () => {
  expect(todayOf(garden)).toBe(dayNumber("2026-09-24"));
  const live = { ...garden, head: { ...garden.head, today: null } };
  const lateEvening = new Date(2026, 10, 24, 23, 50);
  expect(todayOf(live, lateEvening)).toBe(dayNumber("2026-11-24"));
});

test("a skyline for one bed computes that bed's plantings anew, and a record out of use changes nothing", () => {
  const site = siteSelector(garden) as Site;
  const before = viewsOf(garden, site);
  const horizon = [{ azimuthDeg: 180, elevationDeg: 50 }];
  const shaded = changed(garden, "horizon.set", { bedId: "bed-7", horizon });
  expect(siteSelector(shaded)).toBe(site);
  for (const [id, view] of viewsOf(shaded, site)) {
    const inBed = garden.plantings.get(id)?.bedId === "bed-7";
    if (!inBed) expect(view).toBe(before.get(id));
    else
      expect(view?.timeline.readyDay).toBeGreaterThan(
        before.get(id)?.timeline.readyDay ?? Infinity,
      );
  }
  const bySketch = changed(garden, "place.set", { ...garden.place, climateFrom: "sketch" });
  const sketched = siteSelector(bySketch);
  expect(siteSelector(changed(bySketch, "record.remove", {}))).toBe(sketched);
  const record = garden.record;
  if (!record) throw new Error("the demo garden has a record");
  const renamed = changed(garden, "record.set", { ...record, station: "Upper meadow" });
  expect(siteSelector(renamed)).not.toBe(site);
});
