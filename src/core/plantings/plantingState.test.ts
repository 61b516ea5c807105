import demo from "@data/demo/tarnholt-commons.json";
import { dayNumber } from "../calendar";
import { fromGardenFile, type Garden, type GardenFile } from "../garden";
import { commands } from "../commands";
import { lifeOf } from "./plantingState";
import { siteFor } from "./gardenSite";
import { type Site } from "../growth";

const garden = fromGardenFile(demo as GardenFile);
const viewsOf = (of: Garden, site: Site) =>
  new Map([...of.plantings.values()].map((planting) => [planting.id, lifeOf(of, site, planting)]));

function changed(from: Garden, name: keyof typeof commands, input: unknown): Garden {
  const outcome = commands[name].apply(from, input);
  if (!outcome.ok) throw new Error(outcome.refusal);
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
  const growth = lifeOf(garden, site, first)?.timeline.readyDay;
  const byCalendar = changed(garden, "settings.set", { school: "calendar" });
  expect(lifeOf(byCalendar, site, first)?.timeline.readyDay).not.toBe(growth);
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
