import { dayNumber } from "../calendar";
import { writeGeoJson } from "../formats";
import type { Bed, Garden } from "../garden";
import { overlap } from "../layout";
import { amountsFor } from "./spacing";
import { layoutOf } from "../bedSpace";
import { plantsIn } from "./bedPlants";
import { standOf } from "./growing";
import { tarnholt, tarnholtSite as site } from "./tarnholt.testdata";

const day = dayNumber("2026-09-24");
const bed = (id: string): Bed => {
  const found = tarnholt.beds.get(id);
  if (!found) throw new Error(id);
  return found;
};

test("every plant stands within its bed, as many as the amounts say, each planting in its own stretch", () => {
  for (const offset of [-90, 0, 60, 150]) {
    for (const one of tarnholt.beds.values()) {
      for (const group of plantsIn(site, tarnholt, one, day + offset)) {
        const amounts = amountsFor(
          standOf(group.planting, one),
          group.growing.crop,
          group.planting.method,
        );
        expect(group.points).toHaveLength(Math.round(amounts.stations * group.surviving));
        for (const { alongM, acrossM } of group.points) {
          expect(alongM).toBeGreaterThan(group.planting.fromM - 1e-9);
          expect(alongM).toBeLessThan(group.planting.fromM + group.planting.lengthM + 1e-9);
          expect(acrossM).toBeGreaterThan(0);
          expect(acrossM).toBeLessThan(one.widthM);
        }
      }
    }
  }
});

test("plants are there from sowing or planting out until they are over, and grow", () => {
  const at = (id: string, date: string) => plantsIn(site, tarnholt, bed(id), dayNumber(date));
  expect(at("bed-7", "2026-08-19")).toEqual([]); // spinach is sown on 20 August
  const [small] = at("bed-7", "2026-09-05");
  const [large] = at("bed-7", "2026-10-10");
  expect(small?.growing.crop.id).toBe("spinach");
  expect(large?.radiusM).toBeGreaterThan(small?.radiusM ?? Infinity);
  expect(at("bed-7", "2026-11-10")[0]?.isReady).toBe(true);
  // Raised on the bench: not in the bed before it is planted out.
  expect(at("bed-3", "2026-06-20")).toEqual([]);
  expect(at("bed-3", "2026-07-20")).toHaveLength(1);
  // Full-grown neighbours just touch.
  const kale = at("bed-3", "2026-11-01")[0];
  expect(kale?.radiusM).toBeCloseTo(0.2, 9);
});

test("two plantings share a bed one after the other", () => {
  const [first, second] = plantsIn(site, tarnholt, bed("bed-9"), day);
  expect([first?.planting.fromM, second?.planting.fromM]).toEqual([0, 5]);
});

describe("the layout", () => {
  const loose: Garden = {
    ...tarnholt,
    plot: null,
    beds: new Map([...tarnholt.beds].map(([id, one]) => [id, { ...one, position: null }])),
    shelters: new Map([...tarnholt.shelters].map(([id, one]) => [id, { ...one, outline: null }])),
  };

  test("of a garden nobody has drawn: every bed somewhere, none over another, the plot around all", () => {
    const { beds, shelters, plot } = layoutOf(loose);
    expect(beds.size).toBe(tarnholt.beds.size);
    expect(shelters.size).toBe(3);
    const outlines = [...beds.values()];
    outlines.forEach((one, index) => {
      for (const other of outlines.slice(index + 1)) expect(overlap(one, other)).toBe(false);
      expect(one.xM).toBeLessThan(plot.lengthM);
      expect(one.yM).toBeLessThan(plot.widthM);
    });
  });

  test("as it was drawn is kept, and asked for twice is the same", () => {
    const layout = layoutOf(tarnholt);
    expect(layout.beds.get("bed-1")).toEqual({
      xM: 2,
      yM: 15.5,
      angleDeg: 90,
      lengthM: 8,
      widthM: 0.8,
    });
    expect(layoutOf(tarnholt)).toBe(layout);
  });
});

describe("GeoJSON", () => {
  interface Feature {
    properties: { kind: string; id: string; lengthM?: number };
    geometry: { type: string; coordinates: [number, number][][] };
  }
  const features = (garden: Garden) =>
    (JSON.parse(writeGeoJson(garden) ?? "") as { features: Feature[] }).features;

  test("has each bed and shelter as a closed ring against the clock, as long as it is", () => {
    const all = features(tarnholt);
    expect(all).toHaveLength(tarnholt.beds.size + tarnholt.shelters.size);
    for (const { geometry } of all) {
      const [ring] = geometry.coordinates;
      if (!ring) throw new Error("a ring");
      expect(ring).toHaveLength(5);
      expect(ring[0]).toEqual(ring[4]);
      const twiceArea = ring.slice(0, 4).reduce((sum, [x, y], index) => {
        const [nextX, nextY] = ring[index + 1] ?? [0, 0];
        return sum + x * nextY - nextX * y;
      }, 0);
      expect(twiceArea).toBeGreaterThan(0);
    }
    const first = all.find(({ properties }) => properties.id === "bed-1");
    const [a, b] = first?.geometry.coordinates[0] ?? [];
    if (!a || !b) throw new Error("bed-1");
    // Great-circle distance between two corners along the bed: its 8 m, to the centimetre.
    const metres =
      6_371_008.8 *
      (Math.PI / 180) *
      Math.hypot((b[0] - a[0]) * Math.cos((47.1 * Math.PI) / 180), b[1] - a[1]);
    expect(metres).toBeGreaterThan(7.96);
    expect(metres).toBeLessThan(8.04);
  });

  test("turns with the plot, and lies nowhere without a place", () => {
    if (!tarnholt.plot) throw new Error("the demo has a plot");
    const turned = features({ ...tarnholt, plot: { ...tarnholt.plot, upBearingDeg: 90 } });
    const lineOf = (all: Feature[]) => {
      const [a, b] =
        all.find(({ properties }) => properties.id === "bed-1")?.geometry.coordinates[0] ?? [];
      return [Math.abs((b?.[0] ?? 0) - (a?.[0] ?? 0)), Math.abs((b?.[1] ?? 0) - (a?.[1] ?? 0))];
    };
    const [east = 0, north = 0] = lineOf(turned);
    expect(east).toBeGreaterThan(north); // "up" is east now
    expect(writeGeoJson({ ...tarnholt, place: null })).toBeNull();
  });
});
